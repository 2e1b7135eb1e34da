export {
  PRACTICE_FORMAT,
  PRACTICE_VERSION,
  LARGEST_FILE_BYTES,
  practiceFileSchema,
  writePracticeFile,
  withoutPrivate,
  readPracticeFile,
  practiceJsonSchema,
  pathText,
} from './practiceFile';
export type { FileProblem, FileResult } from './practiceFile';
export { writeBriefQuery, readBriefQuery } from './briefLink';
