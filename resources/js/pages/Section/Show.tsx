import { Box, chakra } from '@chakra-ui/react';
import { startTransition, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { Button } from '../../parts/Button';
import { ForceForm } from '../../parts/ForceForm';
import { FieldGroup } from '../../parts/FieldGroup';
import { pinsOf } from '../../parts/pins';
import { Still } from '../../parts/Still';
import { Elevation } from '../../section/drawing/Elevation';
import { Plan } from '../../section/drawing/Plan';
import { BaffleFields } from '../../section/fields/BaffleFields';
import { PlacedFields } from '../../section/fields/PlacedFields';
import { PlumbingFields } from '../../section/fields/PlumbingFields';
import { SumpFields } from '../../section/fields/SumpFields';
import { TrayFields } from '../../section/fields/TrayFields';
import { InForce } from '../../section/InForce';
import { Reading } from '../../section/Reading';
import { SaveBar } from '../../section/SaveBar';
import { SectionFile } from '../../section/SectionFile';
import { SectionTabs } from '../../section/SectionTabs';
import { type StateName, type TypedBaffle, type TypedPlaced, type TypedTray } from '../../section/types';
import { type SectionPage, useSection } from '../../section/useSection';

const STATES: [StateName, string][] = [
    ['running', 'Running'],
    ['powerCut', 'Power cut'],
    ['emptied', 'Return emptied'],
];

export default function Show(props: SectionPage) {
    // The same in other units starts its own page.
    return <Design key={props.choices.length.unit} {...props} />;
}

function Design(props: SectionPage) {
    const { frame, choices, sizes, revisions } = props;
    const { day, today } = useDates();
    const [force, setForce] = useState(false);
    const now = revisions.find((one) => one.inForce);
    const inForce =
        now === undefined
            ? 'not in force'
            : `${now.same ? '' : 'an earlier drawing is '}in force since ${day(now.since)}`;
    const draft = useSection(props);
    const { section, view, problems, stale, change, amend, set, text, mark, dirty, saved } = draft;
    const [state, setState] = useState<StateName>('running');
    const [picked, setPicked] = useState<string | null>(null);
    const [dragging, setDragging] = useState(false);
    const { factor } = choices.length;
    const pins = pinsOf(view.findings);

    /** One part of a list changed, or taken out. */
    const changed = <T extends { id: string }>(list: T[], id: string, change: Partial<T> | null): T[] =>
        list.flatMap((one) => (one.id !== id ? [one] : change === null ? [] : [{ ...one, ...change }]));
    const setBaffle = (id: string, change: Partial<TypedBaffle> | null) =>
        set({ baffles: changed(section.baffles, id, change) });
    const setPlaced = (id: string, change: Partial<TypedPlaced> | null) =>
        set({ placed: changed(section.placed, id, change) });
    const setTray = (id: string, change: Partial<TypedTray> | null) =>
        set({ trays: changed(section.trays, id, change) });

    const nudge = (id: string, alongMm: number, upMm: number) => {
        // What is typed counts, since the drawing may be a step behind; but it may be a fraction or in a unit of its own.
        const moved = (typed: string, drawn: number | undefined, by: number) =>
            text((/^-?\d+(\.\d+)?$/.test(typed.trim()) ? Number(typed) * factor : (drawn ?? 0)) + by);
        const baffle = view.baffles.find((one) => one.id === id);
        const tray = view.trays.find((one) => one.id === id);
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
    const add = (kind: string) => {
        const id = mark(kind);
        const proposed = view.proposals.baffles[kind] ?? [];
        const added = proposed.map((one, i) => ({ ...one, id: proposed.length > 1 ? `${id}-${'abc'[i] ?? i}` : id }));
        set({ baffles: [...section.baffles, ...added] });
        setPicked(added[0]?.id ?? null);
    };
    const place = (proposed: TypedPlaced | undefined) =>
        proposed !== undefined &&
        set({ placed: [...section.placed, { ...proposed, id: mark(proposed.item ?? proposed.kind) }] });
    const lay = (kind: string) => {
        const proposed = view.proposals.trays[kind];
        if (proposed !== undefined) {
            const id = mark(kind);
            set({ trays: [...section.trays, { ...proposed, id }] });
            setPicked(id);
        }
    };
    const waiting = view.proposals.fromPath;

    return (
        <Frame
            title="Section"
            area="Section"
            frame={frame}
            dragging={dragging}
            aside={<Reading view={view} pins={pins} stale={stale} length={choices.length} />}
        >
            <chakra.h1 srOnly>The sump of {frame.name}, to scale</chakra.h1>
            <Still while={dragging}>
                <SectionTabs systemId={frame.id} tab="Design" />
                <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" mb="2">
                    <Box role="group" aria-label="State of the water" display="inline-flex">
                        {STATES.map(([name, label]) => (
                            <Button
                                key={name}
                                aria-pressed={state === name}
                                look={state === name ? 'solid' : 'line'}
                                borderRadius="0"
                                ml="-1px"
                                onClick={() => setState(name)}
                            >
                                {label}
                            </Button>
                        ))}
                    </Box>
                    <Box flex="1" />
                    <SaveBar draft={draft} unsaved="a sump to start from, not saved" inForce={inForce}>
                        <Button
                            onClick={() => setForce(!force)}
                            aria-expanded={force}
                            disabled={dirty || !saved}
                            title={dirty || !saved ? 'Save first' : undefined}
                        >
                            Put in force…
                        </Button>
                    </SaveBar>
                </Box>
                {force && (
                    <ForceForm
                        url={`/systems/${frame.id}/section/in-force`}
                        label="The water runs through it since"
                        says="Its running water and what its return really gives count from that day, in the working volume, the path and the verdicts."
                        today={today()}
                        onDone={() => setForce(false)}
                    />
                )}
                {problems.section !== undefined && (
                    <Box color="fault" fontSize="sm" fontWeight="600" role="alert">
                        {problems.section}
                    </Box>
                )}
            </Still>
            <Elevation
                view={view}
                state={state}
                length={choices.length}
                toTheLeft={section.toTheLeft}
                pins={pins}
                picked={picked}
                onPick={setPicked}
                onNudge={nudge}
                onPlace={drag}
                onHold={setDragging}
            />
            <Still while={dragging}>
                <Box fontSize="sm" color="quiet" mb="2">
                    Drag a baffle along or a tray up, or pick it and use the arrow keys: 1 mm, with Shift 10 mm. Water
                    seen from the front, flow to the {section.toTheLeft ? 'left' : 'right'}.
                </Box>
                <Box display="flex" flexWrap="wrap" gap="2">
                    {choices.kinds.map(([kind, label, says]) => (
                        <Button key={kind} title={says} onClick={() => add(kind)}>
                            Add {label.toLowerCase()}
                        </Button>
                    ))}
                    <Button onClick={() => add('trap')}>Add bubble trap</Button>
                    {choices.trays.map(([kind, label, says]) => (
                        <Button key={kind} title={says} onClick={() => lay(kind)}>
                            Add {label.toLowerCase()}
                        </Button>
                    ))}
                </Box>
                <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="6" mt="5">
                    <FieldGroup legend="Baffles, from inlet to return">
                        {section.baffles.map((one) => (
                            <BaffleFields
                                key={one.id}
                                baffle={one}
                                picked={picked === one.id}
                                choices={choices}
                                proposals={view.proposals.baffles}
                                problems={problems}
                                onPick={() => setPicked(one.id)}
                                onChange={(change) => setBaffle(one.id, change)}
                                onRemove={() => setBaffle(one.id, null)}
                            />
                        ))}
                    </FieldGroup>
                    {section.trays.length > 0 && (
                        <FieldGroup legend="Trays and shelves">
                            {section.trays.map((one) => (
                                <TrayFields
                                    key={one.id}
                                    tray={one}
                                    picked={picked === one.id}
                                    chambers={view.chambers.length}
                                    choices={choices}
                                    openings={view.proposals.openings}
                                    problems={problems}
                                    newId={() => mark('hole')}
                                    onPick={() => setPicked(one.id)}
                                    onChange={(change) => setTray(one.id, change)}
                                    onRemove={() => setTray(one.id, null)}
                                />
                            ))}
                        </FieldGroup>
                    )}
                    <FieldGroup legend="Sump">
                        <SumpFields
                            section={section}
                            choices={choices}
                            sizes={sizes}
                            problems={problems}
                            text={text}
                            onChange={set}
                        />
                    </FieldGroup>
                    <FieldGroup legend="What stands in it">
                        {section.placed.map((one) => (
                            <PlacedFields
                                key={one.id}
                                placed={one}
                                chambers={view.chambers.length}
                                choices={choices}
                                problems={problems}
                                onChange={(change) => setPlaced(one.id, change)}
                                onRemove={() => setPlaced(one.id, null)}
                            />
                        ))}
                        <Box display="flex" flexWrap="wrap" gap="2" mt="2" alignItems="center">
                            {waiting.length > 0 && (
                                <>
                                    <Box fontSize="sm" color="quiet">
                                        From the path:
                                    </Box>
                                    {waiting.map((proposed) => (
                                        <Button
                                            key={proposed.id}
                                            onClick={() => place(proposed)}
                                            aria-label={`Place ${proposed.name} from the path`}
                                        >
                                            {proposed.name}
                                        </Button>
                                    ))}
                                </>
                            )}
                            <Button look="plain" onClick={() => place(view.proposals.devices.skimmer)}>
                                Add skimmer
                            </Button>
                            <Button look="plain" onClick={() => place(view.proposals.devices.heater)}>
                                Add heater
                            </Button>
                            <Button look="plain" onClick={() => place(view.proposals.devices.other)}>
                                Add another device
                            </Button>
                        </Box>
                    </FieldGroup>
                    <FieldGroup legend="Pump and pipes">
                        <PlumbingFields
                            plumbing={section.plumbing}
                            choices={choices}
                            problems={problems}
                            onChange={(change) => set({ plumbing: { ...section.plumbing, ...change } })}
                        />
                    </FieldGroup>
                    <FieldGroup legend="From above">
                        <Plan view={view} toTheLeft={section.toTheLeft} length={choices.length} />
                    </FieldGroup>
                    <FieldGroup legend="In force">
                        <InForce systemId={frame.id} revisions={revisions} />
                    </FieldGroup>
                    <FieldGroup legend="As a file">
                        <SectionFile systemId={frame.id} ready={saved && !dirty} onOpen={change} />
                    </FieldGroup>
                </Box>
            </Still>
        </Frame>
    );
}
