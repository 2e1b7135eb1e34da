import { addTeacher, readDoor } from '@/server/access/accounts';
import { refusalToOthers } from '@/server/access/asking';
import { doorChanged } from '@/server/access/door';
import { lettingIn } from '@/server/access/entering';
import { teacherSchema } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { OWNER } from '@/server/sql';

/** Makes an account for another teacher. From then on who sits at this machine is asked as well: the owner stays in here. */
export const POST = (request: Request) =>
  answering(async () => {
    const refused = await refusalToOthers();
    if (refused) return refused;
    const body = await readBody(request, teacherSchema);
    if (!body.ok) return body.answer;
    const open = await database();
    const { hasPassphrase, isOpen, isSchool } = await readDoor(open);
    if (!hasPassphrase)
      return refuse(409, {
        message: 'Set your own passphrase first: once others teach here, everybody is asked for one.',
      });
    const id = await addTeacher(open, body.value.name, body.value.passphrase, Date.now());
    if (id === undefined)
      return refuse(409, { message: 'Somebody here has that name already.', field: 'name' });
    await doorChanged();
    return isOpen || isSchool ? Response.json({ id }) : lettingIn(request, OWNER);
  });
