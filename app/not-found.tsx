import { NotHere } from '@/ui/parts/not-here';

export default function NotFound() {
  return (
    <main style={{ padding: '2rem' }}>
      <NotHere />
    </main>
  );
}
