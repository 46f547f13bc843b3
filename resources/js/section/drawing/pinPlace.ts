import { type Finding } from '../../lib/page';
import { type SectionView } from '../types';

/** Where a finding belongs on the drawing, mm along and over the floor; null for one about the whole. */
export function pinPlace(finding: Finding, view: SectionView): { x: number; y: number } | null {
    const baffle = view.baffles.find((one) => one.id === finding.at);
    if (baffle !== undefined) {
        return { x: baffle.atMm + baffle.thicknessMm / 2, y: baffle.gapMm + (baffle.topMm - baffle.gapMm) / 2 };
    }
    const tray = view.trays.find((one) => one.id === finding.at);
    if (tray !== undefined) {
        return { x: tray.fromMm + (tray.toMm - tray.fromMm) / 8, y: tray.topMm };
    }
    const device = view.placed.find((one) => one.id === finding.at);
    return device === undefined || device.place === null
        ? null
        : { x: device.place.atMm, y: device.standMm + device.heightMm };
}
