import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { flushSync } from 'react-dom';
import { useHotkeys } from 'react-hotkeys-hook';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { type Finding } from '../../lib/page';
import { Button } from '../../parts/Button';
import { FieldGroup } from '../../parts/FieldGroup';
import { ForceForm } from '../../parts/ForceForm';
import { pinsOf } from '../../parts/pins';
import { Still } from '../../parts/Still';
import { BasketPicture } from '../../section/drawing/BasketPicture';
import { Elevation } from '../../section/drawing/Elevation';
import { PipeSketch } from '../../section/drawing/PipeSketch';
import { Plan } from '../../section/drawing/Plan';
import { InForce } from '../../section/InForce';
import { SaveBar } from '../../section/SaveBar';
import { SectionFile } from '../../section/SectionFile';
import { SectionTabs } from '../../section/SectionTabs';
import { unreadOf } from '../../section/unread';
import { type SectionPage, useSection } from '../../section/useSection';
import { FindingSheet, Findings } from '../../section/workbench/Findings';
import { Inspector } from '../../section/workbench/Inspector';
import { PartList } from '../../section/workbench/PartList';
import { type GroupName, GROUPS, groupOf, rowsOf } from '../../section/workbench/rows';
import { type SheetName, Stage, sheetsOf } from '../../section/workbench/Stage';
import { useEdits } from '../../section/workbench/useEdits';

/** What the focus comes to is scrolled clear of the drawing that stays in sight. */
const CLEAR_OF_STAGE = {
    '& [data-below] :is(button, input, select, summary, a)': { scrollMarginTop: { base: '270px', md: '400px' } },
    '& aside :is(button, input, select, summary, a)': { scrollMarginTop: { base: '270px', lg: '8px' } },
};

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
    const { section, view, problems, stale, change, dirty, saved } = draft;
    // A link may name the part it leads to.
    const [asked] = useState(() => new URLSearchParams(window.location.search).get('part'));
    const [group, setGroup] = useState<GroupName>(asked === null ? 'baffles' : groupOf(asked, section));
    const [asksFor, setSheet] = useState<SheetName>(group === 'pipes' ? 'pipes' : 'front');
    // What was looked at may be gone.
    const sheet = sheetsOf(view).includes(asksFor) ? asksFor : 'front';
    const [picked, setPicked] = useState<string | null>(asked);
    const [dragging, setDragging] = useState(false);
    const { stepNames } = choices.length;
    const pins = pinsOf(view.findings);
    const unread = unreadOf(problems, section, view, choices).find(({ part }) => part !== null);
    const rows = rowsOf(group, section, view, choices);
    const row = rows.find(({ id }) => id === picked);

    const open = (name: GroupName) => {
        setGroup(name);
        setSheet(name === 'pipes' ? 'pipes' : sheet === 'pipes' ? 'front' : sheet);
        setPicked(rowsOf(name, section, view, choices)[0]?.id ?? null);
    };
    const pick = (id: string) => {
        setGroup(groupOf(id, section));
        setPicked(id);
    };
    const show = ({ at }: Finding) => {
        if (at !== null) {
            pick(at);
            setSheet(groupOf(at, section) === 'pipes' ? 'pipes' : 'front');
        }
    };
    const toRow = () =>
        document.querySelector<HTMLElement>('[data-parts] [data-row][tabindex="0"]')?.focus({ preventScroll: true });
    // What was picked or added a moment ago is drawn first, so that a key that follows at once meets it.
    const toFields = () => {
        flushSync(() => undefined);
        const field = document.querySelector<HTMLInputElement>('[data-inspector] :is(input, select)');
        field?.focus();
        // As by Tab: what is typed next replaces what stands there.
        if (field instanceof HTMLInputElement) {
            field.select();
        }
    };
    useHotkeys('1,2,3,4,5', (_, { keys }) => {
        const name = GROUPS[Number(keys?.[0]) - 1]?.[0];
        if (name !== undefined) {
            flushSync(() => open(name));
            toRow();
        }
    });

    const edits = useEdits(draft, choices.length.factor, (id) => {
        setPicked(id);
        toFields();
    });
    const findings = {
        view,
        pins,
        stale: unread !== undefined,
        length: choices.length,
        onPick: show,
        onMend: edits.mend,
    };

    return (
        <Frame title="Section" area="Section" frame={frame} dragging={dragging}>
            <chakra.h1 srOnly>
                {view.front === null ? `The sump of ${frame.name}` : `The chambers of ${frame.name}`}, to scale
            </chakra.h1>
            <Box
                // On a phone the drawing sticks over all that follows, which it can in a block and not in a grid.
                display={{ base: 'block', lg: 'grid' }}
                gridTemplateColumns="minmax(0, 1fr) 330px"
                gridTemplateRows="auto 1fr"
                columnGap="6"
                alignItems="start"
                css={CLEAR_OF_STAGE}
            >
                <Box minW="0" display={{ base: 'contents', lg: 'block' }}>
                    <Still while={dragging}>
                        <Box display="flex" flexWrap="wrap" columnGap="5" alignItems="center">
                            <SectionTabs systemId={frame.id} tab="Design" />
                            <Box flex="1" />
                            <SaveBar
                                draft={draft}
                                unsaved={`${view.front === null ? 'a sump' : 'chambers'} to start from, not saved`}
                                inForce={inForce}
                            >
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
                                together={{ label: 'Together with the path', of: props.drafts }}
                                onDone={() => setForce(false)}
                            />
                        )}
                        {problems.section !== undefined && (
                            <Box color="fault" fontSize="sm" fontWeight="600" role="alert">
                                {problems.section}
                            </Box>
                        )}
                    </Still>
                    {view.style !== null && (
                        <Box fontSize="sm" color="caution" role="note">
                            The path in force is of another style ({view.style.toLowerCase()}); this drawing counts in
                            nothing until the path is of its kind.
                        </Box>
                    )}
                    <Stage
                        view={view}
                        sheet={sheet}
                        onSheet={setSheet}
                        aside={
                            <Box
                                display={{ base: 'none', md: 'block' }}
                                fontSize="sm"
                                color={stale ? 'caution' : 'quiet'}
                                ml="auto"
                            >
                                {unread !== undefined ? (
                                    <chakra.button
                                        type="button"
                                        textDecoration="underline"
                                        cursor="pointer"
                                        onClick={() => {
                                            pick(unread.part ?? '');
                                            toFields();
                                        }}
                                    >
                                        cannot be read yet: {unread.name}
                                    </chakra.button>
                                ) : stale ? (
                                    'on the cut sheet something cannot be read yet'
                                ) : pins.size === 0 ? (
                                    'nothing to mend'
                                ) : (
                                    `${pins.size} to look at`
                                )}
                            </Box>
                        }
                    >
                        {(state, zoom) =>
                            sheet === 'front' ? (
                                <Elevation
                                    view={view}
                                    state={state}
                                    length={choices.length}
                                    toTheLeft={section.toTheLeft}
                                    pins={pins}
                                    picked={picked}
                                    zoom={zoom}
                                    onPick={pick}
                                    onNudge={edits.nudge}
                                    onPlace={edits.drag}
                                    onHold={setDragging}
                                />
                            ) : sheet === 'above' ? (
                                <Plan view={view} toTheLeft={section.toTheLeft} length={choices.length} />
                            ) : sheet === 'basket' && view.basket !== null ? (
                                <BasketPicture
                                    basket={view.basket}
                                    front={view.front}
                                    behindMm={view.states[state].levels[view.basket.chamber ?? -1] ?? null}
                                    length={choices.length}
                                />
                            ) : (
                                <PipeSketch
                                    view={view}
                                    section={section}
                                    unit={choices.length.unit}
                                    picked={picked}
                                    onPick={pick}
                                />
                            )
                        }
                    </Stage>
                    <Still while={dragging}>
                        <Box data-below>
                            <Box
                                role="group"
                                aria-label="Groups"
                                display="flex"
                                columnGap="4"
                                overflowX="auto"
                                borderBottomWidth="1px"
                            >
                                {GROUPS.map(([name, label], i) => (
                                    <chakra.button
                                        key={name}
                                        type="button"
                                        aria-pressed={group === name}
                                        title={`Key ${i + 1}`}
                                        fontWeight={group === name ? '750' : '400'}
                                        borderBottomWidth="3px"
                                        borderColor={group === name ? 'ink' : 'transparent'}
                                        minH={{ base: '44px', md: '32px' }}
                                        whiteSpace="nowrap"
                                        cursor="pointer"
                                        fontSize="sm"
                                        onClick={() => open(name)}
                                    >
                                        {label}
                                    </chakra.button>
                                ))}
                            </Box>
                            <PartList
                                label={GROUPS.find(([name]) => name === group)?.[1] ?? ''}
                                rows={rows}
                                picked={picked}
                                pins={pins}
                                onPick={setPicked}
                                onOpen={toFields}
                            >
                                {group === 'baffles' && (
                                    <>
                                        {view.proposals.wishes.map((wish) => (
                                            <Button
                                                key={wish.label}
                                                minH={{ base: '44px', md: '30px' }}
                                                onClick={() => edits.grant(wish)}
                                            >
                                                {wish.label}
                                            </Button>
                                        ))}
                                        {choices.kinds.map(([kind, , says, short]) => (
                                            <Adding
                                                key={kind}
                                                title={says}
                                                label={short}
                                                onClick={() => edits.add(kind)}
                                            />
                                        ))}
                                        <Adding
                                            title="Over, under, over, before the return."
                                            label="bubble trap"
                                            onClick={() => edits.add('trap')}
                                        />
                                        {choices.trays.map(([kind, label, says]) => (
                                            <Adding
                                                key={kind}
                                                title={says}
                                                label={label}
                                                onClick={() => edits.lay(kind)}
                                            />
                                        ))}
                                    </>
                                )}
                                {group === 'equipment' && (
                                    <>
                                        {view.proposals.fromPath.map(({ placed: proposed, draft: of }) => (
                                            <Button
                                                key={proposed.id}
                                                minH={{ base: '44px', md: '30px' }}
                                                onClick={() => edits.place(proposed)}
                                                aria-label={`Place ${proposed.name} from the path`}
                                                title={of === null ? 'On the path in force' : `Planned in “${of}”`}
                                            >
                                                Place {proposed.name}
                                            </Button>
                                        ))}
                                        {section.workshop.basket === undefined && (
                                            <Adding label="media basket" onClick={edits.addBasket} />
                                        )}
                                        <Adding
                                            label="skimmer"
                                            onClick={() => edits.place(view.proposals.devices.skimmer)}
                                        />
                                        <Adding
                                            label="heater"
                                            onClick={() => edits.place(view.proposals.devices.heater)}
                                        />
                                        <Adding
                                            label="another device"
                                            onClick={() => edits.place(view.proposals.devices.other)}
                                        />
                                    </>
                                )}
                            </PartList>
                            {group === 'baffles' && (
                                <Box fontSize="xs" color="quiet" mt="1">
                                    Drag a baffle along or a tray up, or use the arrow keys: {stepNames[0]}, with Shift{' '}
                                    {stepNames[1]}. The water runs to the {section.toTheLeft ? 'left' : 'right'}.
                                </Box>
                            )}
                        </Box>
                    </Still>
                </Box>
                <chakra.aside
                    aria-label="What is picked"
                    position={{ lg: 'sticky' }}
                    top="0"
                    maxH={{ lg: '100dvh' }}
                    overflowY={{ lg: 'auto' }}
                    gridRow="1 / span 2"
                    gridColumn="2"
                    borderLeftWidth={{ lg: '1px' }}
                    pl={{ lg: '5' }}
                    pt={{ base: '4', lg: '0' }}
                    pb="4"
                >
                    <Still while={dragging}>
                        <Inspector
                            {...{ row, draft, choices, sizes, starts: props.starts, pins }}
                            onMend={edits.mend}
                            onLeave={toRow}
                        />
                        <Box display={{ base: 'none', lg: 'block' }} borderTopWidth="1px" mt="4" pt="3">
                            <Findings {...findings} />
                        </Box>
                    </Still>
                </chakra.aside>
                <Still while={dragging}>
                    <Box data-below display="grid" gap="5" mt="6" gridColumn="1">
                        <FieldGroup legend="In force">
                            <InForce systemId={frame.id} revisions={revisions} />
                        </FieldGroup>
                        <FieldGroup legend="As a file">
                            <SectionFile systemId={frame.id} ready={saved && !dirty} onOpen={change} />
                        </FieldGroup>
                    </Box>
                </Still>
            </Box>
            <FindingSheet {...findings} />
        </Frame>
    );
}

function Adding({ label, title, onClick }: { label: string; title?: string; onClick: () => void }) {
    return (
        <Button title={title} minH={{ base: '44px', md: '30px' }} px="2.5" onClick={onClick}>
            Add {label.toLowerCase()}
        </Button>
    );
}
