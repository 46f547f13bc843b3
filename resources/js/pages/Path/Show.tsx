import { Box, chakra } from '@chakra-ui/react';
import {
    DndContext,
    type DragEndEvent,
    DragOverlay,
    PointerSensor,
    pointerWithin,
    useSensor,
    useSensors,
} from '@dnd-kit/core';
import { router, usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { useUnits } from '../../lib/figures';
import { type Finding, type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { Glyph } from '../../parts/Glyph';
import { BranchHead } from '../../path/BranchHead';
import { DraftBar } from '../../path/DraftBar';
import * as edit from '../../path/edit';
import { ItemEditor } from '../../path/ItemEditor';
import { PathBegin } from '../../path/PathBegin';
import { PathTabs } from '../../path/PathTabs';
import { ReviewColumn } from '../../path/ReviewColumn';
import { Riser } from '../../path/Riser';
import { Shelf } from '../../path/Shelf';
import {
    type Catalogue,
    type PathChoice,
    type PathTemplate,
    type Review,
    type TypedItem,
    type TypedPath,
} from '../../path/types';
import { usePathDraft } from '../../path/usePathDraft';

interface Draft {
    id: number;
    version: number;
    typed: TypedPath;
    review: Review;
    /** When a state of it came into force, and whether it is the one saved; null while none is in force. */
    inForce: { since: number; same: boolean } | null;
}

interface Props {
    frame: SystemFrame;
    catalogue: Catalogue;
    drafts: PathChoice[];
    revisions: PathChoice[];
    draft: Draft | null;
    item: string;
    templates: PathTemplate[];
}

export default function Show(props: Props) {
    const { frame, catalogue, draft } = props;
    const beginning = usePage().url.includes('new=1');
    if (draft === null || beginning) {
        return (
            <Frame title="Path" area="Path" frame={frame}>
                <PathTabs systemId={frame.id} tab="Lay out" />
                <chakra.h1 fontSize="xl" mb="2">
                    The path of the water
                </chakra.h1>
                <PathBegin systemId={frame.id} templates={props.templates} />
            </Frame>
        );
    }
    // Another draft, and the same in other units, starts its own page.
    return <LayOut key={`${draft.id} ${catalogue.figures.claimLowLitres?.unit ?? ''}`} {...props} draft={draft} />;
}

function LayOut({ frame, catalogue, drafts, revisions, draft, item: asked }: Props & { draft: Draft }) {
    const { path, review, problems, dirty, change, undo, canUndo, restart } = usePathDraft(frame.id, draft);
    const { unit } = useUnits();
    const { day } = useDates();
    const { errors } = usePage().props;
    const [open, setOpen] = useState<string | null>(asked === '' ? null : asked);
    const [saving, setSaving] = useState(false);
    const [said, setSaid] = useState('');
    const [dragged, setDragged] = useState<string | null>(null);
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
    const kinds = new Map(catalogue.kinds.map((kind) => [kind.key, kind]));
    const items = edit.allItems(path);
    const title = (item: TypedItem) => edit.titleOf(item, kinds);
    const titleOfId = (id: string) => {
        const item = [...items, ...path.removed].find((one) => one.id === id);
        return item === undefined ? '' : title(item);
    };
    const all = { ...problems, ...errors } as Record<string, string>;
    const stale = Object.keys(problems).length > 0;
    const pins = new Map<Finding, number>();
    for (const finding of review.findings) {
        if (finding.severity === 'fault' || finding.severity === 'caution') {
            pins.set(finding, pins.size + 1);
        }
    }

    // A stop of the water line leads to its item, also while this page is open.
    const [led, setLed] = useState(asked);
    if (led !== asked) {
        setLed(asked);
        setOpen(asked === '' ? null : asked);
    }
    useEffect(() => {
        document.getElementById(`item-${asked}`)?.scrollIntoView({ block: 'center' });
    }, [asked]);

    const save = () => {
        setSaving(true);
        router.put(
            `/systems/${frame.id}/drafts/${draft.id}`,
            { path: path as never, version: draft.version },
            {
                preserveScroll: true,
                preserveState: true,
                onSuccess: (page) => {
                    const saved = page.props.draft as Draft | null;
                    if (saved !== null) {
                        restart(saved.typed);
                    }
                },
                onFinish: () => setSaving(false),
            },
        );
    };

    const say = (next: TypedPath, id: string, did: string) => {
        const at = edit.placeOf(next, id);
        const line = next.lines.find((one) => one.id === at?.line);
        setSaid(
            at === null || line === undefined
                ? `${did}.`
                : `${did}: ${at.index + 1} of ${line.items.length} on ${lineTitle(line.id, next)}.`,
        );
    };
    const lineTitle = (id: string, of = path) => {
        const line = of.lines.find((one) => one.id === id);
        return line === undefined || id === edit.MAIN
            ? 'the main line'
            : line.name || (line.tank ? 'the further tank' : 'the branch');
    };
    const add = (kind: string, place?: edit.Place) => {
        const item = edit.newItem(path, kind);
        const after = open === null ? null : edit.placeOf(path, open);
        const main = path.lines.find((line) => line.id === edit.MAIN);
        const next = edit.insert(
            path,
            item,
            place ??
                (after === null
                    ? { line: edit.MAIN, index: main?.items.length ?? 0 }
                    : { line: after.line, index: after.index + 1 }),
        );
        change(next);
        // Where one item is open, the next goes after the new one; else adding goes on at the end.
        if (open !== null) {
            setOpen(item.id);
        }
        say(next, item.id, `${title(item)} added`);
    };
    const moveTo = (id: string, place: edit.Place) => {
        const next = edit.move(path, id, place);
        change(next);
        say(next, id, `${titleOfId(id)} moved`);
    };
    const nudge = (id: string, step: -1 | 1) => {
        const next = edit.nudge(path, id, step);
        change(next);
        say(next, id, `${titleOfId(id)} moved`);
    };
    const drop = ({ active, over }: DragEndEvent) => {
        setDragged(null);
        const place = over?.data.current as edit.Place | undefined;
        const { item, kind } = (active.data.current ?? {}) as { item?: string; kind?: string };
        if (place === undefined) {
            return;
        }
        if (item !== undefined) {
            moveTo(item, place);
        } else if (kind !== undefined) {
            add(kind, place);
        }
    };
    const pick = (id: string) => {
        setOpen(id);
        requestAnimationFrame(() => document.getElementById(`item-${id}`)?.scrollIntoView({ block: 'center' }));
    };
    const joints = (id: string) =>
        path.lines.flatMap((line) => [
            ...(line.from === id ? [`↳ feeds ${lineTitle(line.id)}`] : []),
            ...(line.to === id ? [`↰ takes in ${lineTitle(line.id)}`] : []),
        ]);

    useHotkeys('mod+s', () => dirty && !stale && save(), { preventDefault: true, enableOnFormTags: true });
    useHotkeys('mod+z', undo, { preventDefault: true });
    useHotkeys('a', () => document.getElementById('catalogue-find')?.focus(), { preventDefault: true });

    const ends = items.map((item): [string, string] => [item.id, title(item)]);
    const lines = path.lines.map((line): [string, string] => [line.id, lineTitle(line.id)]);
    const editor = (item: TypedItem, lineId: string | null) => (
        <ItemEditor
            item={item}
            catalogue={catalogue}
            problems={all}
            lines={lineId === null ? [] : lines}
            line={lineId ?? ''}
            onChange={(changed) => change(edit.changeItem(path, item.id, changed))}
            onLine={(line) =>
                moveTo(item.id, { line, index: path.lines.find((one) => one.id === line)?.items.length ?? 0 })
            }
            onTakeOut={lineId === null ? null : () => change(edit.takeOut(path, item.id))}
            onRemove={() => change(edit.remove(path, item.id))}
        />
    );
    const riser = (line: TypedPath['lines'][number]) => (
        <Riser
            line={line}
            review={review}
            pins={pins}
            open={open}
            titles={title}
            joints={joints}
            onOpen={setOpen}
            onNudge={nudge}
            editor={(item) => editor(item, line.id)}
        />
    );
    const inForce =
        draft.inForce === null
            ? ''
            : `${draft.inForce.same ? '' : 'an earlier state '}in force since ${day(draft.inForce.since)}`;
    const [main, ...branches] = path.lines;

    return (
        <DndContext
            sensors={sensors}
            autoScroll={{ threshold: { x: 0, y: 0.08 }, acceleration: 6 }}
            collisionDetection={(args) => {
                // A narrow gap is hard to hit: the one nearest to the pointer counts.
                const hit = pointerWithin(args);
                return hit.length > 0 ? hit : nearest(args);
            }}
            onDragStart={({ active }) => {
                const { item, kind } = (active.data.current ?? {}) as { item?: string; kind?: string };
                setDragged(kind ?? items.find((one) => one.id === item)?.kind ?? null);
            }}
            onDragCancel={() => setDragged(null)}
            onDragEnd={drop}
        >
            <Frame
                title={`Path, ${path.name}`}
                area="Path"
                frame={frame}
                aside={
                    <ReviewColumn
                        review={review}
                        pins={pins}
                        stale={stale}
                        catalogue={catalogue}
                        titleOf={titleOfId}
                        without={path.without}
                        onWithout={(stage, why) => change({ ...path, without: { ...path.without, [stage]: why } })}
                        onPick={pick}
                    />
                }
            >
                <PathTabs systemId={frame.id} tab="Lay out" mark={`d${draft.id}`} />
                <chakra.h1 srOnly>The path of the water: {path.name}</chakra.h1>
                <DraftBar
                    systemId={frame.id}
                    draftId={draft.id}
                    drafts={drafts}
                    path={path}
                    catalogue={catalogue}
                    problems={all}
                    dirty={dirty}
                    inForce={inForce}
                    saving={saving}
                    canUndo={canUndo}
                    onChange={(changed) => change({ ...path, ...changed })}
                    onUndo={undo}
                    onDiscard={() => restart(draft.typed)}
                    onSave={save}
                />
                <Box srOnly role="status" aria-live="polite">
                    {said}
                </Box>
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: '1fr', md: '210px minmax(0, 1fr)' }}
                    gap={{ base: '4', md: '6' }}
                >
                    <Box position={{ md: 'sticky' }} top="8px" alignSelf="start">
                        <Shelf catalogue={catalogue} onAdd={add} />
                    </Box>
                    <chakra.section aria-label="Path" minW="0">
                        <Node>Display</Node>
                        {main && riser(main)}
                        <Node>back to the display</Node>
                        {branches.map((line) => (
                            <chakra.section
                                key={line.id}
                                aria-label={lineTitle(line.id)}
                                mt="5"
                                borderTopWidth="1px"
                                pt="3"
                            >
                                <BranchHead
                                    line={line}
                                    ends={ends.filter(([id]) => !line.items.some((item) => item.id === id))}
                                    flowUnit={unit('flow')}
                                    volumeUnit={unit('volume')}
                                    problems={all}
                                    onChange={(changed) => change(edit.changeLine(path, line.id, changed))}
                                    onRemove={() => change(edit.removeLine(path, line.id))}
                                />
                                {riser(line)}
                            </chakra.section>
                        ))}
                        <Box display="flex" flexWrap="wrap" gap="2" mt="4">
                            <Button onClick={() => change(edit.addLine(path, false, open ?? ''))}>Add a branch</Button>
                            <Button onClick={() => change(edit.addLine(path, true, ''))}>
                                Add a further tank on this sump
                            </Button>
                        </Box>
                        {path.removed.length > 0 && (
                            <chakra.section mt="5" borderTopWidth="1px" pt="3">
                                <chakra.h2 fontSize="md">Parts taken out</chakra.h2>
                                {path.removed.map((item) => (
                                    <Box key={item.id} id={`item-${item.id}`}>
                                        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" py="1">
                                            <Box color="deep">
                                                <Glyph kind={item.kind} />
                                            </Box>
                                            <Box flex="1 1 10rem" fontSize="sm">
                                                <b>{title(item)}</b>
                                                {item.keptWhere !== '' && `, kept: ${item.keptWhere}`}
                                                {item.keptBecause !== '' && ` (${item.keptBecause})`}
                                            </Box>
                                            <Button
                                                look="plain"
                                                onClick={() =>
                                                    change(
                                                        edit.putBack(path, item.id, {
                                                            line: edit.MAIN,
                                                            index: main?.items.length ?? 0,
                                                        }),
                                                    )
                                                }
                                            >
                                                Put back
                                            </Button>
                                            <Button
                                                look="plain"
                                                aria-expanded={open === item.id}
                                                onClick={() => setOpen(open === item.id ? null : item.id)}
                                            >
                                                Details
                                            </Button>
                                        </Box>
                                        {open === item.id && editor(item, null)}
                                    </Box>
                                ))}
                            </chakra.section>
                        )}
                        <Revisions systemId={frame.id} revisions={revisions} />
                    </chakra.section>
                </Box>
            </Frame>
            <DragOverlay dropAnimation={null}>
                {dragged !== null && (
                    <Box
                        display="inline-flex"
                        alignItems="center"
                        gap="2"
                        bg="raised"
                        color="deep"
                        borderWidth="1.5px"
                        borderColor="deep"
                        borderRadius="4px"
                        px="2"
                        py="1"
                        fontSize="sm"
                        fontWeight="700"
                        whiteSpace="nowrap"
                    >
                        <Glyph kind={dragged} /> {kinds.get(dragged)?.label}
                    </Box>
                )}
            </DragOverlay>
        </DndContext>
    );
}

/** The gap whose middle is nearest to the pointer, if the pointer is over the path at all. */
function nearest({ pointerCoordinates, droppableContainers, droppableRects }: Parameters<typeof pointerWithin>[0]) {
    if (pointerCoordinates === null) {
        return [];
    }
    const { x, y } = pointerCoordinates;
    return droppableContainers
        .flatMap((container) => {
            const rect = droppableRects.get(container.id);
            return rect === undefined || x < rect.left || x > rect.right
                ? []
                : [{ id: container.id, distance: Math.abs(rect.top + rect.height / 2 - y) }];
        })
        .filter(({ distance }) => distance < 60)
        .sort((a, b) => a.distance - b.distance)
        .slice(0, 1)
        .map(({ id }) => ({ id }));
}

function Node({ children }: { children: string }) {
    return (
        <Box display="flex" alignItems="center" gap="3" fontSize="sm" color="quiet">
            <Box width="38px" height="12px" bg="water" borderTopWidth="2px" borderColor="deep" aria-hidden="true" />
            {children}
        </Box>
    );
}

/** The paths that have been in force, the latest first. */
function Revisions({ systemId, revisions }: { systemId: number; revisions: PathChoice[] }) {
    const { day } = useDates();
    if (revisions.length === 0) {
        return null;
    }
    return (
        <chakra.section mt="5" borderTopWidth="1px" pt="3">
            <chakra.h2 fontSize="md">In force</chakra.h2>
            {revisions.map((revision) => (
                <Box
                    key={revision.id}
                    display="flex"
                    flexWrap="wrap"
                    alignItems="center"
                    columnGap="4"
                    fontSize="sm"
                    borderBottomWidth="1px"
                >
                    <Box width="13rem" py="1">
                        since {day(revision.since ?? 0)}
                        {revision.inForce === true && ', now'}
                    </Box>
                    <Box flex="1 1 8rem">{revision.name}</Box>
                    <Button
                        look="plain"
                        onClick={() => router.post(`/systems/${systemId}/drafts`, { copy: revision.mark })}
                    >
                        Copy to a draft
                    </Button>
                    <Button
                        look="plain"
                        aria-label={`Take back ${revision.name} since ${day(revision.since ?? 0)}`}
                        onClick={() => router.post(`/systems/${systemId}/path-revisions/${revision.id}/take-back`)}
                    >
                        Take back
                    </Button>
                </Box>
            ))}
        </chakra.section>
    );
}
