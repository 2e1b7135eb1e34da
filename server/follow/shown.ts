import type { Shown } from '@/core/desk/following';
import { isOpenNow } from '../access/door';
import { givenAddresses } from '../access/network';
import { squareOf } from '../square';
import { followers } from './live';
import type { Followed } from './following';

export async function shownOf({ code, revision }: Followed): Promise<Shown> {
  const isDoorOpen = await isOpenNow();
  const [origin] = isDoorOpen ? givenAddresses(Number(process.env.NAVUREN_PORT ?? 3210)) : [];
  return {
    code,
    revision,
    followers: followers(code),
    address:
      origin === undefined
        ? null
        : {
            href: `${origin}/follow/${code}`,
            short: `${origin.replace(/^https?:\/\//, '')}/follow`,
            square: squareOf(`${origin}/follow/${code}`),
          },
    isDoorOpen,
  };
}
