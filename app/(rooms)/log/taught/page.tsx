import { mine } from '@/server/access/asking';
import { readTaught } from '@/server/history';
import { TaughtRoom } from '@/ui/log/TaughtRoom';

export const metadata = { title: 'What the log has taught' };

export default async function TaughtPage() {
  return <TaughtRoom {...await readTaught(await mine())} />;
}
