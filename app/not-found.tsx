import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1>There is nothing here</h1>
      <p className="reading my-4">The page or practice you asked for does not exist, or is in the bin.</p>
      <Link className="press" href="/shelf">
        To the shelf
      </Link>
    </main>
  );
}
