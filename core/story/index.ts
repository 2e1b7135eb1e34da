export { givenTo, minutesSaid, storyOf, virtueLine } from './story';
