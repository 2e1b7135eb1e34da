/** What the margin shows of what is pressed, fetched as one piece, as `seldom` is. */
export { ItemMargin } from './ItemMargin';
export { NoteOpen } from './NoteOpen';
export { StoryPanel } from './StoryPanel';
