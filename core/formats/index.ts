export { LARGEST_FILE_BYTES, pathText } from './file';
export { writePracticeFile, readPracticeFile, practiceJsonSchema } from './practiceFile';
export { FORM_FORMAT, formJsonSchema, readFormFile, writeFormFile } from './formFile';
export { readBriefQuery } from './briefLink';
export { writeBriefQuery } from './briefQuery';
