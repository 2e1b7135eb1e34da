export { LARGEST_FILE_BYTES, pathText } from './file';
export type { FileProblem } from './file';
export {
  PRACTICE_FORMAT,
  PRACTICE_VERSION,
  practiceFileSchema,
  writePracticeFile,
  readPracticeFile,
  practiceJsonSchema,
} from './practiceFile';
export type { FileResult } from './practiceFile';
export {
  FORM_FORMAT,
  FORM_VERSION,
  formFileSchema,
  formJsonSchema,
  readFormFile,
  writeFormFile,
} from './formFile';
export type { FormFileResult } from './formFile';
export { readBriefQuery } from './briefLink';
export { writeBriefQuery } from './briefQuery';
