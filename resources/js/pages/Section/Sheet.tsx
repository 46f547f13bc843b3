import { Box, chakra } from '@chakra-ui/react';
import { Frame } from '../../frame/Frame';
import { BasisNote } from '../../parts/BasisNote';
import { Button } from '../../parts/Button';
import { PinnedFindings } from '../../parts/PinnedFindings';
import { pinsOf } from '../../parts/pins';
import { CutTable } from '../../section/CutTable';
import { BasketPicture } from '../../section/drawing/BasketPicture';
import { CutElevation } from '../../section/drawing/CutElevation';
import { Plan } from '../../section/drawing/Plan';
import { WorkshopFields } from '../../section/fields/WorkshopFields';
import { SaveBar } from '../../section/SaveBar';
import { SectionTabs } from '../../section/SectionTabs';
import { StockSheets } from '../../section/StockSheets';
import { unreadOf } from '../../section/unread';
import { UnreadNote } from '../../section/UnreadNote';
import { type SectionPage, useSection } from '../../section/useSection';

/** What is cut for the sump, on the sheets it is bought as, to print and take to a workshop. */
export default function Sheet(props: SectionPage) {
    return <CutSheet key={props.choices.length.unit} {...props} />;
}

function CutSheet(props: SectionPage) {
    const { frame, choices } = props;
    const draft = useSection(props, true);
    const { section, view, problems, stale, set, mark, dirty, saved } = draft;
    const { cuts } = view;
    if (cuts === null) {
        return null;
    }
    const unread = unreadOf(problems, section, view, choices);
    // The other findings stand beside the design.
    const { findings } = cuts;
    return (
        <Frame title="Cut sheet" area="Section" frame={frame}>
            <SectionTabs systemId={frame.id} tab="Cut sheet" />
            <Box display="flex" alignItems="baseline" gap="4" flexWrap="wrap" mb="3">
                <chakra.h1 fontSize="xl" flex="1">
                    Cut sheet: {frame.name}
                </chakra.h1>
                <SaveBar
                    draft={draft}
                    unsaved={`${view.front === null ? 'a sump' : 'chambers'} to start from, not saved`}
                />
                <Button onClick={() => window.print()} _print={{ display: 'none' }}>
                    Print
                </Button>
            </Box>
            <UnreadNote systemId={frame.id} unread={unread} />
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: '7fr 5fr' }}
                _print={{ display: 'block' }}
                gap="8"
            >
                <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="5" alignContent="start" minW="0">
                    <section>
                        <chakra.h2 fontSize="md" mb="1">
                            Pieces
                        </chakra.h2>
                        <CutTable panels={cuts.panels} length={choices.length} />
                        <Box fontSize="sm" color="quiet" mt="2">
                            {view.front === null ? (
                                <>
                                    Sump of {section.material}. A baffle is the inner width less a gap for silicone at
                                    each side (<BasisNote basis={choices.siliconeGap} />
                                    ). Set each at the same figure front and back, top and bottom; measure from the
                                    outer face as a check. Blades slip and silicone fumes: gloves, air, and let the
                                    silicone cure as its maker says before water.
                                </>
                            ) : cuts.panels.length === 0 ? (
                                'The chambers come with the tank: nothing is cut for them. A media basket, added under Equipment, stands here with its pads.'
                            ) : (
                                'The chambers come with the tank and are not cut. Blades slip, and glue for acrylic fumes: gloves, air, no flame.'
                            )}
                        </Box>
                        <Box mt="2" fontSize="sm" _print={{ display: 'none' }}>
                            {saved && !dirty ? (
                                <>
                                    Take along: <a href={`/systems/${frame.id}/section/cuts.svg`}>SVG</a> ·{' '}
                                    <a href={`/systems/${frame.id}/section/cuts.dxf`}>DXF</a>
                                </>
                            ) : (
                                'Save the sump to take the cut sheet along as SVG or DXF.'
                            )}
                        </Box>
                    </section>
                    {view.front === null && view.baffles.length + view.trays.length > 0 && (
                        <section>
                            <chakra.h2 fontSize="md">Where they are set, from the front and from above</chakra.h2>
                            <CutElevation view={view} toTheLeft={section.toTheLeft} length={choices.length} />
                            <Box display="none" _print={{ display: 'block' }}>
                                <Plan view={view} toTheLeft={section.toTheLeft} length={choices.length} />
                            </Box>
                        </section>
                    )}
                    {view.basket !== null && (
                        <section>
                            <chakra.h2 fontSize="md" mb="1">
                                The basket put together
                            </chakra.h2>
                            <BasketPicture
                                basket={view.basket}
                                front={view.front}
                                behindMm={view.states.running.levels[view.basket.chamber ?? -1] ?? null}
                                length={choices.length}
                            />
                        </section>
                    )}
                    <section>
                        <chakra.h2 fontSize="md" mb="1">
                            On their sheets
                        </chakra.h2>
                        {cuts.stock.length === 0 ? (
                            <Box fontSize="sm" color="quiet">
                                Nothing is cut from a sheet of its own yet: glass baffles come cut to size. Give the
                                sheet baffles are cut from, or add a tray, a pad or blackout panels.
                            </Box>
                        ) : (
                            <StockSheets cuts={cuts} length={choices.length} />
                        )}
                    </section>
                </Box>
                <Box
                    display="grid"
                    gridTemplateColumns="minmax(0, 1fr)"
                    gap="5"
                    alignContent="start"
                    minW="0"
                    _print={{ display: 'none' }}
                >
                    {findings.length > 0 && (
                        <PinnedFindings findings={findings} pins={pinsOf(findings)} stale={stale} />
                    )}
                    <WorkshopFields
                        workshop={section.workshop}
                        chambers={view.chambers.length}
                        choices={choices}
                        problems={problems}
                        newId={() => mark('pad')}
                        onChange={(change) => set({ workshop: { ...section.workshop, ...change } })}
                    />
                </Box>
            </Box>
        </Frame>
    );
}
