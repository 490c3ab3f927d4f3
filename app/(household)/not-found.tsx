import { NotHere } from '@/ui/parts/not-here';

/** Within the frame of the household, which has its own main part. */
export default function NotFound() {
  return <NotHere />;
}
