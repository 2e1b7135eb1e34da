/** What Compose shows only now and then, fetched as one piece: each piece of its own would be named in the first load. */
export { ChangedForms } from './ChangedForms';
export { Elsewhere } from './Elsewhere';
export { Failure, Stopped } from './Failure';
export { LeftLine } from './LeftLine';
export { Versions } from './Versions';
