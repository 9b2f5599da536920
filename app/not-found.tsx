export default function NotFound() {
  return (
    <main style={{ padding: '48px 20px' }}>
      <h1 className="title">Page not found.</h1>
      <p>
        The filter may have been removed.{' '}
        {/* Every page carries this one along, and should not carry the router’s link twice. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a href="/">Go to Filters</a>
      </p>
    </main>
  );
}
