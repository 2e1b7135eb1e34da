import { CodeForm } from '@/ui/follow/CodeForm';

export const metadata = { title: 'Follow' };

/** Where the code of a class is typed, on a device that cannot read the square. */
export default function FollowPage() {
  return (
    <main id="content" className="mx-auto max-w-[40rem] px-4 pt-16 pb-16 sm:px-8">
      <p className="font-serif text-[1.44rem] font-medium tracking-tight italic">Navuren</p>
      <h1 className="mt-6">Follow a class</h1>
      <p className="reading mt-2">The figure, the breath and the count, in step with whoever leads.</p>
      <CodeForm />
    </main>
  );
}
