import { Written } from '../frame/Written';
import { BackupPanel } from './BackupPanel';
import { PrinterPanel, type PrinterProfile } from './PrinterPanel';
import { ScreenPanel } from './ScreenPanel';
import { UnreadablePanel } from './UnreadablePanel';

/** What is set up once: printer, screen, and the safe keeping of everything. */
export function Workshop({ printers }: { printers: readonly PrinterProfile[] }) {
  return (
    <div className="mx-auto max-w-4xl space-y-8 px-6 py-6">
      <h1>
        <Written text="Workshop" height={56} />
      </h1>
      <UnreadablePanel />
      <PrinterPanel initial={printers} />
      <ScreenPanel />
      <BackupPanel />
    </div>
  );
}
