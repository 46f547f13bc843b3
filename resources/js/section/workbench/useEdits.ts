import { startTransition } from 'react';
import { type Finding } from '../../lib/page';
import { readLength } from '../../lib/shopLength';
import { type SectionView, type TypedPlaced } from '../types';
import { type useSection } from '../useSection';
import { changed } from './rows';

/** What can be done to a sump on the drawing and by the buttons beside it; what is added is picked. */
export function useEdits(draft: ReturnType<typeof useSection>, factor: number, onAdded: (id: string | null) => void) {
    const { section, view, change, amend, set, text, mark } = draft;
    const mend = ({ part, field, typed }: Finding['remedies'][number]) =>
        set(
            part === ''
                ? { [field]: typed }
                : {
                      baffles: changed(section.baffles, part, { [field]: typed }),
                      trays: changed(section.trays, part, { [field]: typed }),
                      placed: changed(section.placed, part, { [field]: typed }),
                  },
        );
    const nudge = (id: string, alongMm: number, upMm: number) => {
        // What is typed counts, since the drawing may be a step behind; but it may be in a unit of its own.
        const moved = (typed: string, drawn: number | undefined, by: number) =>
            by === 0 ? typed : text((readLength(typed, factor) ?? drawn ?? 0) + by);
        const baffle = view.baffles.find((one) => one.id === id);
        const tray = view.trays.find((one) => one.id === id);
        const device = view.placed.find((one) => one.id === id);
        set({
            baffles: section.baffles.map((one) =>
                one.id === id
                    ? {
                          ...one,
                          atMm: moved(one.atMm, baffle?.atMm, alongMm),
                          topMm: moved(one.topMm, baffle?.topMm, upMm),
                      }
                    : one,
            ),
            trays: section.trays.map((one) =>
                one.id === id ? { ...one, topMm: moved(one.topMm, tray?.topMm, upMm) } : one,
            ),
            placed: section.placed.map((one) =>
                one.id === id ? { ...one, standMm: moved(one.standMm, device?.standMm, upMm) } : one,
            ),
        });
    };
    const drag = (id: string, axis: 'along' | 'up', mm: number, goesOn: boolean) => {
        const to = text(mm);
        const next =
            axis === 'along'
                ? { ...section, baffles: changed(section.baffles, id, { atMm: to }) }
                : { ...section, trays: changed(section.trays, id, { topMm: to }) };
        if (goesOn) {
            startTransition(() => amend(next));
        } else {
            change(next);
        }
    };
    /** What stands behind baffles that are added in a chamber counts as so many chambers on; the return pump with its chamber. */
    const movedOn = (chamber: number, more: number) => ({
        placed: section.placed.map((one) =>
            one.chamber > chamber ||
            (chamber === view.chambers.length - 1 && one.kind === 'pump' && one.chamber === chamber)
                ? { ...one, chamber: one.chamber + more }
                : one,
        ),
        trays: section.trays.map((one) => (one.chamber > chamber ? { ...one, chamber: one.chamber + more } : one)),
    });
    const grant = ({ chamber, baffles, trays }: SectionView['proposals']['wishes'][number]) => {
        const mine = <T extends { id: string }>(list: T[]) => list.map((one) => ({ ...one, id: mark(one.id) }));
        const moved = movedOn(chamber, baffles.length);
        const [newBaffles, newTrays] = [mine(baffles), mine(trays)];
        set({
            baffles: [...section.baffles, ...newBaffles],
            placed: moved.placed,
            trays: [...moved.trays, ...newTrays],
        });
        onAdded(newTrays[0]?.id ?? newBaffles[0]?.id ?? null);
    };
    const add = (kind: string) => {
        const id = mark(kind);
        const proposed = view.proposals.baffles[kind] ?? [];
        const added = proposed.map((one, i) => ({ ...one, id: proposed.length > 1 ? `${id}-${'abc'[i] ?? i}` : id }));
        set({ baffles: [...section.baffles, ...added], ...movedOn(view.chambers.length - 1, added.length) });
        onAdded(added[0]?.id ?? null);
    };
    const place = (proposed: TypedPlaced | undefined) => {
        if (proposed !== undefined) {
            const id = mark(proposed.item ?? proposed.kind);
            set({ placed: [...section.placed, { ...proposed, id }] });
            onAdded(id);
        }
    };
    const lay = (kind: string) => {
        const proposed = view.proposals.trays[kind];
        if (proposed !== undefined) {
            const id = mark(kind);
            set({ trays: [...section.trays, { ...proposed, id }] });
            onAdded(id);
        }
    };
    const addBasket = () => {
        set({ workshop: { ...section.workshop, basket: view.proposals.basket } });
        onAdded('#basket');
    };
    return { mend, nudge, drag, add, place, lay, grant, addBasket };
}
