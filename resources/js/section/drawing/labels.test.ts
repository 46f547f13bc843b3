import { describe, expect, it } from 'vitest';
import views from '../../../../tests/golden/sumps.json';
import { shopLength } from '../../lib/shopLength';
import { type SectionView, type StateName } from '../types';
import { elevationLabels } from './elevationLabels';
import { boxOf, overlap, settle } from './labels';
import { scaleOf } from './scale';

// The server writes these views; see tests/Http/SumpDrawingsTest.php.
const STATES: StateName[] = ['running', 'powerCut', 'emptied'];

function labelsOf(view: SectionView, state: StateName, unit: string, zoom: number | null = null) {
    const scale = scaleOf(view, false, zoom);
    return elevationLabels({
        view,
        state,
        scale,
        y: (mm) => 40 + (view.heightMm - mm) * scale.perMm,
        mm: (value) => shopLength(value, unit),
        litres: (value) => `${value.toFixed(1)} L`,
    });
}

describe('words on the drawing of a sump', () => {
    it.each(views.map((view, i) => [i, view as unknown as SectionView] as const))(
        'lie beside each other on sump %i, in each state and unit, whole and close',
        (_, view) => {
            for (const state of STATES) {
                for (const [unit, zoom] of [
                    ['mm', null],
                    ['in', null],
                    ['mm', 0],
                ] as const) {
                    const labels = labelsOf(view, state, unit, zoom);
                    labels.forEach((one, i) =>
                        labels.slice(i + 1).forEach((other) => {
                            expect(overlap(boxOf(one), boxOf(other)), `${one.text} on ${other.text}`).toBe(false);
                        }),
                    );
                }
            }
        },
    );

    it('names every chamber, baffle, tray and device of every sump', () => {
        for (const one of views) {
            const view = one as unknown as SectionView;
            const keys = new Set(labelsOf(view, 'running', 'mm').map(({ key }) => key));
            const wanted = [
                ...view.chambers.flatMap((_, i) => [`length ${i}`, `name ${i}`]),
                ...view.baffles.map(({ id }) => `top ${id}`),
                ...view.trays.map(({ id }) => `tray ${id}`),
                ...view.placed.filter(({ place }) => place !== null).map(({ id }) => `device ${id}`),
            ];
            expect(wanted.filter((key) => !keys.has(key))).toEqual([]);
        }
    });

    it('tries the places it is given, leaves out what may be, and moves on what may not', () => {
        const at = { x: 0, y: 0, anchor: 'start' as const };
        const settled = settle([
            { key: 'a', text: 'one', ...at },
            { key: 'b', text: 'two', ...at, elsewhere: [[100, 0]] },
            { key: 'c', text: 'three', ...at, optional: true },
            { key: 'd', text: 'four', ...at },
        ]);
        expect(settled.map(({ key, x }) => [key, x])).toEqual([
            ['a', 0],
            ['b', 100],
            ['d', 0],
        ]);
        expect(settled[2]?.y).toBeGreaterThan(0);
    });

    it('keeps off a line where there is another place', () => {
        const line = { left: -5, right: 50, top: -8, bottom: 2 };
        const [label] = settle([{ key: 'a', text: 'one', x: 0, y: 0, anchor: 'start', elsewhere: [[0, -30]] }], [line]);
        expect(label?.y).toBe(-30);
    });
});
