import { type SystemFrame, useShared } from '../lib/page';
import { typedLength } from '../lib/shopLength';
import { useLiveDraft } from '../lib/useLiveDraft';
import { type SumpRevision } from './InForce';
import { type Choices, type SectionView, type TypedSection } from './types';

export interface SectionPage {
    frame: SystemFrame;
    saved: boolean;
    version: number;
    typed: TypedSection;
    view: SectionView;
    choices: Choices;
    revisions: SumpRevision[];
    /** Paths that are still planned. */
    drafts: { id: number; mark: string; name: string }[];
    /** What to start from, by the way it filters. */
    starts: Record<string, TypedSection>;
    /** Common sizes, as typed. */
    sizes: { label: string; lengthMm: string; widthMm: string; heightMm: string }[];
}

/** A sump while it is designed. The pages of the area share one draft. */
export function useSection({ frame, saved, version, typed, view, choices }: SectionPage, cuts = false) {
    const units = useShared().keeper?.units ?? 'metric';
    const draft = useLiveDraft({
        key: `ithys-section-${frame.id}-${version}-${units}`,
        name: 'section',
        url: `/systems/${frame.id}/section`,
        ask: { cuts },
        version,
        saved,
        typed,
        view,
    });
    const { now: section } = draft;

    return {
        ...draft,
        section,
        set: (changed: Partial<TypedSection>) => draft.change({ ...section, ...changed }),
        /** Millimetres as the keeper types them. */
        text: (mm: number) => typedLength(mm, choices.length.unit),
        /** A mark that no part has yet. */
        mark: (stem: string) => {
            const taken = new Set(
                [
                    ...section.baffles,
                    ...section.placed,
                    ...section.trays,
                    ...section.trays.flatMap((tray) => tray.openings ?? []),
                    ...section.workshop.pads,
                    ...(section.workshop.basket?.use?.layers ?? []),
                ].map((one) => one.id),
            );
            for (let n = 1; ; n++) {
                if (!taken.has(`${stem}-${n}`)) {
                    return `${stem}-${n}`;
                }
            }
        },
    };
}
