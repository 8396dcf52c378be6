import type { PrinterProfile } from '@/core/desk/routes';
import { StationTitle } from '../stations/StationTitle';
import { STATIONS } from '../stations/stations';
import { AboutPanel } from './AboutPanel';
import { BackupPanel, type Damaged } from './BackupPanel';
import { NoticesPanel } from './NoticesPanel';
import { PrinterPanel } from './PrinterPanel';
import { ScreenPanel } from './ScreenPanel';
import { UnreadablePanel } from './UnreadablePanel';

/** What is set up once: printer, screen, and the safe keeping of everything. */
export function Workshop({
  printers,
  shared,
  damages,
}: {
  printers: readonly PrinterProfile[];
  /** Others come to this desk, each with its passphrase. */
  shared: boolean;
  /** Databases that could not be read when the server started. */
  damages: readonly Damaged[];
}) {
  return (
    <div className="mx-auto max-w-4xl space-y-8 px-6 py-6">
      <h1>
        <StationTitle of={STATIONS.workshop} />
      </h1>
      {shared && (
        <form method="post" action="/api/leave" className="flex items-center gap-3 text-sm">
          <button type="submit" className="btn btn-sm">
            Leave this desk
          </button>
          The next visitor is asked for the passphrase.
        </form>
      )}
      <UnreadablePanel />
      <AboutPanel />
      <PrinterPanel initial={printers} />
      <ScreenPanel />
      <BackupPanel damages={damages} />
      <NoticesPanel />
    </div>
  );
}
