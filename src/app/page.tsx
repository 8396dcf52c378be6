import { redirect } from 'next/navigation';
import { isEmptyDesk } from '@/store/counts';

export const dynamic = 'force-dynamic';

/** Who has nothing yet is asked what they want to write; others see what comes next. */
export default async function Home() {
  redirect((await isEmptyDesk()) ? '/begin' : '/today');
}
