/** The cookie that says whether somebody looks on: then no page brings anything private with it. */
export const VEIL_COOKIE = 'navuren-veil';
export const VEILED = 'on';
