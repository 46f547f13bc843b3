import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { type Finding } from '../../lib/page';
import { Button } from '../../parts/Button';
import { FindingList } from '../../parts/FindingList';
import { Pin } from '../../parts/Pin';
import { BasketFields } from '../fields/BasketFields';
import { BaffleFields } from '../fields/BaffleFields';
import { PlacedFields } from '../fields/PlacedFields';
import { PlumbingFields } from '../fields/PlumbingFields';
import { CabinetFields, RearFields, SizeFields, TankFields, WaterFields } from '../fields/SumpFields';
import { TrayFields } from '../fields/TrayFields';
import { Figures } from '../Figures';
import { type Choices, type TypedSection } from '../types';
import { type SectionPage, type useSection } from '../useSection';
import { type GroupName, type Row, changed, groupOf } from './rows';

export type Draft = ReturnType<typeof useSection>;

/** What is picked: its fields, what is said of it, and what follows from it. Escape goes back to the list. */
export function Inspector({
    row,
    draft,
    choices,
    sizes,
    starts,
    pins,
    onMend,
    onLeave,
}: {
    row: Row | undefined;
    draft: Draft;
    choices: Choices;
    sizes: SectionPage['sizes'];
    starts: SectionPage['starts'];
    pins: Map<Finding, number>;
    onMend: (remedy: Finding['remedies'][number]) => void;
    onLeave: () => void;
}) {
    const { section, view, problems, set } = draft;
    if (row === undefined) {
        return (
            <Box fontSize="sm" color="quiet">
                Pick a part on the drawing or in the list, or add one.
            </Box>
        );
    }
    const own = view.findings.filter((finding) => finding.at === row.id);
    const removal = removed(row.id, section);
    return (
        <Box
            as="section"
            aria-label={row.name}
            data-inspector
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    event.stopPropagation();
                    onLeave();
                }
            }}
        >
            <Box display="flex" alignItems="baseline" gap="3" mb="2">
                <chakra.h2 fontSize="lg" flex="1">
                    {row.name}
                </chakra.h2>
                {removal !== null && (
                    <Button look="plain" minH={{ base: '44px', md: '28px' }} onClick={() => set(removal)}>
                        Remove
                    </Button>
                )}
            </Box>
            {fieldsOf(row.id, { section, view, problems, choices, sizes, starts, set, mark: draft.mark })}
            {own.length > 0 && (
                <Box mt="3" borderTopWidth="1px" pt="2">
                    <FindingList
                        findings={own}
                        mark={(finding) =>
                            pins.has(finding) && <Pin number={pins.get(finding) ?? 0} severity={finding.severity} />
                        }
                        onMend={onMend}
                    />
                </Box>
            )}
            <Figures view={view} length={choices.length} of={groupOf(row.id, section)} />
        </Box>
    );
}

/** The sump without a part; null for what cannot be taken out. */
function removed(id: string, section: TypedSection): Partial<TypedSection> | null {
    if (id === '#basket') {
        return { workshop: { ...section.workshop, basket: undefined } };
    }
    for (const list of ['baffles', 'trays', 'placed'] as const) {
        if (section[list].some((one) => one.id === id)) {
            return { [list]: section[list].filter((one) => one.id !== id) };
        }
    }
    return null;
}

function fieldsOf(
    id: string,
    {
        section,
        view,
        problems,
        choices,
        sizes,
        starts,
        set,
        mark,
    }: Pick<Draft, 'section' | 'view' | 'problems' | 'set' | 'mark'> & {
        choices: Choices;
        sizes: SectionPage['sizes'];
        starts: SectionPage['starts'];
    },
): ReactNode {
    const common = { section, choices, problems, onChange: set };
    const baffle = section.baffles.find((one) => one.id === id);
    const tray = section.trays.find((one) => one.id === id);
    const device = section.placed.find((one) => one.id === id);
    const group: GroupName = groupOf(id, section);
    const { basket } = section.workshop;
    if (id === '#basket' && basket !== undefined) {
        return (
            <BasketFields
                basket={basket}
                view={view}
                choices={choices}
                problems={problems}
                newId={() => mark('layer')}
                onChange={(changed) => set({ workshop: { ...section.workshop, basket: changed } })}
            />
        );
    }
    if (id === '#rear') {
        return <RearFields {...common} />;
    }
    if (baffle !== undefined) {
        return (
            <BaffleFields
                baffle={baffle}
                choices={choices}
                proposals={view.proposals.baffles}
                problems={problems}
                onChange={(change) => set({ baffles: changed(section.baffles, id, change) })}
            />
        );
    }
    if (tray !== undefined) {
        return (
            <TrayFields
                tray={tray}
                chambers={view.chambers.length}
                choices={choices}
                openings={view.proposals.openings}
                problems={problems}
                newId={() => mark('hole')}
                onChange={(change) => set({ trays: changed(section.trays, id, change) })}
            />
        );
    }
    if (device !== undefined) {
        return (
            <PlacedFields
                placed={device}
                chambers={view.chambers.length}
                choices={choices}
                problems={problems}
                onChange={(change) => set({ placed: changed(section.placed, id, change) })}
            />
        );
    }
    if (group === 'pipes') {
        return (
            <PlumbingFields
                part={id}
                plumbing={section.plumbing}
                choices={choices}
                problems={problems}
                onChange={(change) => set({ plumbing: { ...section.plumbing, ...change } })}
            />
        );
    }
    if (id.startsWith('#tank:')) {
        return <TankFields line={id.slice('#tank:'.length)} {...common} />;
    }
    return id === '#size' ? (
        <SizeFields sizes={sizes} starts={starts} {...common} />
    ) : id === '#cabinet' ? (
        <CabinetFields {...common} />
    ) : (
        <WaterFields of={id} {...common} />
    );
}
