import { answering, refuse } from '@/server/answers';
import { buildFiles, buildId } from '@/server/build';

/** What a device keeps so that pages once opened go on without the server (public/sw.js). */
export const GET = () =>
  answering(() => {
    const build = buildId();
    return Promise.resolve(
      build === undefined
        ? refuse(404, { message: 'There is no build: this server is being developed.' })
        : Response.json({ build, files: buildFiles() }),
    );
  });
