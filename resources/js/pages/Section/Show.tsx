import { Box, chakra } from '@chakra-ui/react';
import { router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Frame } from '../../frame/Frame';
import { type SystemFrame, useShared } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { useHistory } from '../../lib/useHistory';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGroup } from '../../parts/FieldGroup';
import { pinsOf } from '../../parts/pins';
import { Elevation, Plan } from '../../section/Elevation';
import { Cuts } from '../../section/Cuts';
import { BaffleFields, PlacedFields, PlumbingFields, SumpFields } from '../../section/Parts';
import { Reading } from '../../section/Reading';
import {
    type Choices,
    type SectionAnswer,
    type SectionView,
    type StateName,
    type TypedBaffle,
    type TypedPlaced,
    type TypedSection,
} from '../../section/types';

interface Props {
    frame: SystemFrame;
    saved: boolean;
    version: number;
    typed: TypedSection;
    view: SectionView;
    choices: Choices;
    sizes: { label: string; lengthMm: number; widthMm: number; heightMm: number }[];
}

const STATES: [StateName, string][] = [
    ['running', 'Running'],
    ['powerCut', 'Power cut'],
    ['emptied', 'Return emptied'],
];

export default function Show(props: Props) {
    // The same in other units starts its own page.
    return <Design key={props.choices.length.unit} {...props} />;
}

function Design({ frame, saved, version, typed, view: savedView, choices, sizes }: Props) {
    const units = useShared().keeper?.units ?? 'metric';
    const {
        now: section,
        dirty,
        change,
        amend,
        undo,
        canUndo,
        restart,
    } = useHistory(`ithys-section-${frame.id}-${version}-${units}`, typed);
    const { errors } = usePage().props;
    const [view, setView] = useState(savedView);
    const [state, setState] = useState<StateName>('running');
    const [picked, setPicked] = useState<string | null>(null);
    const [saving, setSaving] = useState(false);
    const answer = useDraft<SectionAnswer>(`/systems/${frame.id}/section/preview`, dirty ? { section } : null, 25);
    const latest = dirty ? (answer?.ok === true ? answer.result.view : null) : savedView;
    if (latest !== null && latest !== view) {
        setView(latest);
    }
    const problems: Record<string, string> = dirty
        ? answer?.ok === true
            ? answer.result.problems
            : (answer?.errors ?? {})
        : {};
    const all: Record<string, string> = { ...problems, ...(errors as Record<string, string>) };
    const stale = Object.keys(problems).length > 0;
    const { factor } = choices.length;
    const text = (mm: number) => String(Math.round((mm / factor) * 10_000) / 10_000);

    const pins = pinsOf(view.findings);
    const setBaffle = (id: string, changed: Partial<TypedBaffle>) =>
        change({ ...section, baffles: section.baffles.map((one) => (one.id === id ? { ...one, ...changed } : one)) });
    const setPlaced = (id: string, changed: Partial<TypedPlaced>) =>
        change({ ...section, placed: section.placed.map((one) => (one.id === id ? { ...one, ...changed } : one)) });
    const move = (id: string, alongMm: number, upMm: number, goesOn: boolean) => {
        const drawn = view.baffles.find((one) => one.id === id);
        // What is typed counts, since the drawing may be a step behind; but it may be a fraction or in a unit of its own.
        const base = (typed: string, otherwise: number) =>
            /^-?\d+(\.\d+)?$/.test(typed.trim()) ? Number(typed) * factor : otherwise;
        if (drawn === undefined) {
            return;
        }
        const next = {
            ...section,
            baffles: section.baffles.map((one) =>
                one.id === id
                    ? {
                          ...one,
                          atMm: text(base(one.atMm, drawn.atMm) + alongMm),
                          topMm: text(base(one.topMm, drawn.topMm) + upMm),
                      }
                    : one,
            ),
        };
        if (goesOn) {
            amend(next);
        } else {
            change(next);
        }
    };
    const mark = (stem: string) => {
        const taken = new Set([...section.baffles, ...section.placed].map((one) => one.id));
        for (let n = 1; ; n++) {
            if (!taken.has(`${stem}-${n}`)) {
                return `${stem}-${n}`;
            }
        }
    };
    const add = (kind: string) => {
        const id = mark(kind);
        const proposed = view.proposals.baffles[kind] ?? [];
        const added = proposed.map((one, i) => ({ ...one, id: proposed.length > 1 ? `${id}-${'abc'[i] ?? i}` : id }));
        change({ ...section, baffles: [...section.baffles, ...added] });
        setPicked(added[0]?.id ?? null);
    };
    const place = (kind: string) => {
        const proposed = view.proposals.devices[kind];
        if (proposed !== undefined) {
            change({ ...section, placed: [...section.placed, { ...proposed, id: mark(kind) }] });
        }
    };
    const save = () => {
        setSaving(true);
        router.put(
            `/systems/${frame.id}/section`,
            { section: section as never, version },
            {
                preserveScroll: true,
                preserveState: true,
                onSuccess: (page) => restart(page.props.typed as TypedSection),
                onFinish: () => setSaving(false),
            },
        );
    };
    useHotkeys('mod+s', () => dirty && !stale && save(), { preventDefault: true, enableOnFormTags: true });
    useHotkeys('mod+z', undo, { preventDefault: true });

    return (
        <Frame
            title="Section"
            area="Section"
            frame={frame}
            aside={<Reading view={view} pins={pins} stale={stale} length={choices.length} />}
        >
            <chakra.h1 srOnly>The sump of {frame.name}, to scale</chakra.h1>
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
                <Button look="solid" onClick={save} disabled={saving || stale || (!dirty && saved)}>
                    Save
                </Button>
                <Button onClick={undo} disabled={!canUndo}>
                    Undo
                </Button>
                {dirty && (
                    <Button look="plain" onClick={() => restart(typed)}>
                        Back to what is saved
                    </Button>
                )}
                <Box fontSize="sm" color={dirty || !saved ? 'caution' : 'quiet'} role="status">
                    {dirty ? 'changed, not saved' : saved ? 'saved' : 'a sump to start from, not saved'}
                </Box>
            </Box>
            {all.section !== undefined && (
                <Box color="fault" fontSize="sm" fontWeight="600" role="alert">
                    {all.section}
                </Box>
            )}
            <Elevation
                view={view}
                state={state}
                length={choices.length}
                toTheLeft={section.toTheLeft}
                pins={pins}
                picked={picked}
                onPick={setPicked}
                onMove={move}
            />
            <Box fontSize="sm" color="quiet" mb="2">
                Drag a baffle, or pick it and use the arrow keys: along and up by 1 mm, with Shift 10 mm. Water seen
                from the front, flow to the {section.toTheLeft ? 'left' : 'right'}.
            </Box>
            <Box display="flex" flexWrap="wrap" gap="2">
                {choices.kinds.map(([kind, label, says]) => (
                    <Button key={kind} title={says} onClick={() => add(kind)}>
                        Add {label.toLowerCase()}
                    </Button>
                ))}
                <Button onClick={() => add('trap')}>Add bubble trap</Button>
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
                            problems={all}
                            onPick={() => setPicked(one.id)}
                            onChange={(changed) => setBaffle(one.id, changed)}
                            onRemove={() =>
                                change({ ...section, baffles: section.baffles.filter((other) => other.id !== one.id) })
                            }
                        />
                    ))}
                </FieldGroup>
                <FieldGroup legend="Sump">
                    <Box display="flex" flexWrap="wrap" gap="3" mb="3" alignItems="end">
                        <ChoiceField
                            label="Take a common size"
                            value=""
                            options={[['', 'choose'], ...sizes.map((size, i) => [String(i), size.label] as const)]}
                            onPick={(i) => {
                                const size = sizes[Number(i)];
                                if (i !== '' && size !== undefined) {
                                    change({
                                        ...section,
                                        lengthMm: text(size.lengthMm),
                                        widthMm: text(size.widthMm),
                                        heightMm: text(size.heightMm),
                                    });
                                }
                            }}
                        />
                        <CheckField
                            label="Water runs to the left"
                            checked={section.toTheLeft}
                            onCheck={(toTheLeft) => change({ ...section, toTheLeft })}
                        />
                        <ChoiceField
                            label="Made of"
                            value={section.material}
                            options={[
                                ['glass', 'glass'],
                                ['acrylic', 'acrylic'],
                            ]}
                            onPick={(material) => change({ ...section, material })}
                        />
                        <CheckField
                            label="Braced or rimmed at the top"
                            checked={section.braced}
                            onCheck={(braced) => change({ ...section, braced })}
                        />
                        <Button
                            disabled={dirty || !saved}
                            title={dirty || !saved ? 'Save first' : undefined}
                            onClick={() =>
                                router.post(`/systems/${frame.id}/section/use-volume`, {}, { preserveScroll: true })
                            }
                        >
                            Count its running water in the working volume
                        </Button>
                    </Box>
                    <SumpFields
                        section={section}
                        choices={choices}
                        problems={all}
                        onChange={(changed) => change({ ...section, ...changed })}
                    />
                </FieldGroup>
                <FieldGroup legend="What stands in it">
                    {section.placed.map((one) => (
                        <PlacedFields
                            key={one.id}
                            placed={one}
                            chambers={view.chambers.length}
                            choices={choices}
                            problems={all}
                            onChange={(changed) => setPlaced(one.id, changed)}
                            onRemove={() =>
                                change({ ...section, placed: section.placed.filter((other) => other.id !== one.id) })
                            }
                        />
                    ))}
                    <Box display="flex" flexWrap="wrap" gap="2" mt="2">
                        <Button onClick={() => place('skimmer')}>Add skimmer</Button>
                        <Button onClick={() => place('heater')}>Add heater</Button>
                        <Button onClick={() => place('other')}>Add another device</Button>
                    </Box>
                </FieldGroup>
                <FieldGroup legend="Pump and pipes">
                    <PlumbingFields
                        plumbing={section.plumbing}
                        choices={choices}
                        problems={all}
                        onChange={(changed) => change({ ...section, plumbing: { ...section.plumbing, ...changed } })}
                    />
                </FieldGroup>
                <FieldGroup legend="Cut sheet">
                    <Cuts systemId={frame.id} cuts={view.cuts} choices={choices} ready={saved && !dirty} />
                </FieldGroup>
                <FieldGroup legend="From above">
                    <Plan view={view} toTheLeft={section.toTheLeft} />
                </FieldGroup>
            </Box>
        </Frame>
    );
}
