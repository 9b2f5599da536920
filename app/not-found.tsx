import Button from '@mui/material/Button';

export default function NotFound() {
  return (
    <main style={{ padding: '48px 20px' }}>
      <h1 className="title">This sheet is not here.</h1>
      <p>The filter may have been removed.</p>
      {/* A plain link: every page carries this one along, and should not carry the router’s twice. */}
      <Button component="a" href="/">
        Back to all filters
      </Button>
    </main>
  );
}
