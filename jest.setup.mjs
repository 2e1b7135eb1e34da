import fc from 'fast-check';

// The same random input each time: a law that fails fails for everyone. Change the seed to look further.
fc.configureGlobal({ seed: 20_261_125 });
