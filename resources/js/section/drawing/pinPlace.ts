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
    if (finding.at === '#rear' && view.front !== null) {
        return { x: -view.front.thicknessMm / 2, y: view.front.crestMm * 0.55 };
    }
    const chamber = view.chambers[view.basket?.chamber ?? -1];
    if (finding.at === '#basket' && view.basket !== null && chamber !== undefined && view.front !== null) {
        return {
            x: chamber.fromMm + (chamber.toMm - chamber.fromMm) / 4,
            y: view.basket.standMm + view.basket.frontMm,
        };
    }
    const device = view.placed.find((one) => one.id === finding.at);
    return device === undefined || device.place === null
        ? null
        : { x: device.place.atMm, y: device.standMm + device.heightMm };
}
