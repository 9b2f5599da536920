import { AppLink } from '@/ui/frame/AppLink';

export default function NotFound() {
  return (
    <main style={{ padding: '48px 20px' }}>
      <h1 className="title">This sheet is not here.</h1>
      <p>
        The filter may have been removed. <AppLink href="/">Back to all filters</AppLink>
      </p>
    </main>
  );
}
