import { FollowLoader } from '@/ui/follow/FollowLoader';

export const metadata = { title: 'Follow' };

/** The screen on which a class is shown: for anyone, for it holds nothing till its code is known. */
export default async function FollowPage({ params }: { params: Promise<{ code: string }> }) {
  return <FollowLoader code={(await params).code} />;
}
