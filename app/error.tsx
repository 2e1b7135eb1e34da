'use client';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1>This page could not be shown</h1>
      <p className="reading my-4">
        What you saved is safe. Try again; if it stays like this, the server’s own output says more.
      </p>
      <button type="button" className="press" onClick={reset}>
        Try again
      </button>
    </main>
  );
}
