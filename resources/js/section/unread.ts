import { type Choices, type SectionView, type TypedSection } from './types';
import { GROUPS, rowsOf } from './workbench/rows';

/** What cannot be read yet: where it is, and the part it belongs to; null for what stands on the cut sheet. */
export interface Unread {
    place: string;
    name: string;
    sentence: string;
    part: string | null;
}

/** The row a figure of the whole belongs to. */
const ROWS: [RegExp, string][] = [
    [/^cabinet/, '#cabinet'],
    [/^(returnLevelMm|pumpMinimumMm)$/, '#water'],
    [/^(fallMm|boxLitres)$/, '#display'],
    [/^(evaporationLitresADay|reservoirLitres)$/, '#top-off'],
    [/^plumbing\.(pump|curve)/, '#pump'],
    [/^plumbing\.drain/, '#drain'],
    [/^plumbing\.emergency/, '#emergency'],
    [/^plumbing\.overflow/, '#overflow'],
    [/^plumbing/, '#return'],
    [/^rear/, '#rear'],
    [/^(basket|layer)/, '#basket'],
];

/** Everything that keeps a sump from being read, each with the way to it. */
export function unreadOf(
    problems: Record<string, string>,
    section: TypedSection,
    view: SectionView,
    choices: Choices,
): Unread[] {
    const rows = GROUPS.flatMap(([group]) => rowsOf(group, section, view, choices));
    return Object.entries(problems).map(([place, sentence]) => {
        const [kind, id = ''] = place.split('.');
        if (kind === 'pad' || kind === 'stock' || kind === 'workshop') {
            const pad = section.workshop.pads.find((one) => one.id === id)?.name;
            const stock = choices.stock.find(([group]) => group === id)?.[1];
            return {
                place,
                sentence,
                part: null,
                name: pad ?? (stock === undefined ? 'Blackout panels' : `${stock}, sheet`),
            };
        }
        const part = ['baffle', 'placed', 'tray'].includes(kind ?? '')
            ? id
            : kind === 'tank'
              ? `#tank:${id}`
              : (ROWS.find(([pattern]) => pattern.test(place))?.[1] ?? '#size');
        return { place, sentence, part, name: rows.find((row) => row.id === part)?.name ?? 'The sump' };
    });
}
