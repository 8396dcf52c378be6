import '@fontsource/alegreya/400.css';
import '@fontsource/alegreya/400-italic.css';
import '@fontsource/alegreya/700.css';
import '@fontsource/alegreya-sans/400.css';
import '@fontsource/alegreya-sans/400-italic.css';
import '@fontsource/alegreya-sans/700.css';
import '@fontsource/amiri/arabic-400.css';
import '@fontsource/amiri/arabic-700.css';
import './globals.css';
import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { NOBODY } from '@/core/about/about';
import { isSession, isShared, SESSION_COOKIE } from '@/guard/session';
import { fileOf } from '@/store/client';
import { damagesOf } from '@/store/damage';
import { listLetterSets } from '@/store/letterSets';
import { AboutMe } from '@/ui/frame/AboutMe';
import { DamageBanner } from '@/ui/frame/DamageBanner';
import { LetterSets } from '@/ui/frame/LetterSets';
import { NoticeBoard } from '@/ui/frame/notices';
import { readTheme, THEME_COOKIE } from '@/ui/frame/theme';
import { Written } from '@/ui/frame/Written';
import { Rail } from '@/ui/stations/Rail';
import { WORDMARK } from '@/ui/stations/stations';
import { whoWrites } from './_lib/desk';

export const metadata: Metadata = {
  title: { default: 'Elvane', template: '%s · Elvane' },
  description: 'A calligrapher’s working desk: hands, nibs, and guideline sheets that print true.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const jar = await cookies();
  const theme = readTheme(jar.get(THEME_COOKIE)?.value);
  // Nothing of a shared desk is shown before its passphrase is said, not even its letters behind the page that asks.
  const inside = !isShared() || isSession(jar.get(SESSION_COOKIE)?.value, Date.now());
  const damaged = inside && (await damagesOf(fileOf())).length > 0;
  return (
    <html lang="en" data-theme={theme}>
      <body className="flex h-dvh flex-col overflow-hidden bg-base-200 text-base-content md:flex-row">
        <a
          href="#station"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-base-100 focus:p-2"
        >
          Skip to the station
        </a>
        {inside && <Rail theme={theme} wordmark={<Written text={WORDMARK} height={42} />} />}
        <main id="station" className="min-h-0 min-w-0 flex-1 overflow-auto">
          {damaged && <DamageBanner />}
          <AboutMe about={inside ? await whoWrites() : NOBODY}>
            <LetterSets sets={inside ? await listLetterSets() : {}}>
              <NoticeBoard>{children}</NoticeBoard>
            </LetterSets>
          </AboutMe>
        </main>
      </body>
    </html>
  );
}
