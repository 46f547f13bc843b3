import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';
import { useLiveDraft } from '../../lib/useLiveDraft';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { FieldGroup } from '../../parts/FieldGroup';
import { PinnedFindings } from '../../parts/PinnedFindings';
import { pinsOf } from '../../parts/pins';
import { TextField } from '../../parts/TextField';
import { LeakTests } from '../../section/build/LeakTests';
import { Measures } from '../../section/build/Measures';
import { Steps } from '../../section/build/Steps';
import { type BuildChoices, type BuildView, type TypedBuild } from '../../section/build/types';
import { SaveBar } from '../../section/SaveBar';
import { SectionTabs } from '../../section/SectionTabs';

interface Props {
    frame: SystemFrame;
    version: number;
    typed: TypedBuild;
    /** Null until the sump is saved. */
    view: BuildView | null;
    choices: BuildChoices;
}

/** Building the sump: a checklist that follows the design, with leak tests and measurements. */
export default function Build(props: Props) {
    const { frame, view } = props;
    return view === null ? (
        <Frame title="Build" area="Section" frame={frame}>
            <SectionTabs systemId={frame.id} tab="Build" />
            <chakra.h1 fontSize="xl" mb="2">
                Build: {frame.name}
            </chakra.h1>
            <Box maxW="60ch">
                The steps follow the design.{' '}
                <Link href={`/systems/${frame.id}/section`}>Design the sump and save it</Link>; then they stand here,
                with room for leak tests and measurements.
            </Box>
        </Frame>
    ) : (
        <Checklist key={props.choices.unit} {...props} view={view} />
    );
}

function Checklist({ frame, version, typed, view: savedView, choices }: Props & { view: BuildView }) {
    const draft = useLiveDraft({
        key: `ithys-build-${frame.id}-${version}-${choices.unit}`,
        name: 'build',
        url: `/systems/${frame.id}/section/build`,
        version,
        saved: true,
        typed,
        view: savedView,
    });
    const { now: build, view, problems, stale } = draft;
    const set = (changed: Partial<TypedBuild>) => draft.change({ ...build, ...changed });
    const left = view.steps.filter((step) => (build.done[step.key] ?? '') === '').length;
    return (
        <Frame
            title="Build"
            area="Section"
            frame={frame}
            aside={
                <>
                    <chakra.h2 fontSize="lg">Findings</chakra.h2>
                    <PinnedFindings findings={view.findings} pins={pinsOf(view.findings)} stale={stale} />
                    {view.waterNotBefore !== null && (
                        <Box fontSize="sm" mt="3">
                            The silicone has cured by <b>{view.waterNotBefore}</b>; no water before.
                        </Box>
                    )}
                </>
            }
        >
            <SectionTabs systemId={frame.id} tab="Build" />
            <Box display="flex" alignItems="baseline" gap="4" flexWrap="wrap" mb="3">
                <chakra.h1 fontSize="xl" flex="1">
                    Build: {frame.name}
                </chakra.h1>
                <SaveBar draft={draft} unsaved="" />
                <Button onClick={() => window.print()} _print={{ display: 'none' }}>
                    Print
                </Button>
            </Box>
            {problems.build !== undefined && (
                <Box color="fault" fontSize="sm" fontWeight="600" role="alert">
                    {problems.build}
                </Box>
            )}
            <Box display="flex" flexWrap="wrap" gap="4" alignItems="end" mb="3">
                {view.isSump && (
                    <>
                        <CheckField
                            label="Old baffles have to come out first"
                            checked={build.retrofit}
                            onCheck={(retrofit) => set({ retrofit })}
                        />
                        <Box width="230px">
                            <TextField
                                label="Cure the silicone’s maker asks"
                                unit="h"
                                inputMode="decimal"
                                value={build.cureHours}
                                onText={(cureHours) => set({ cureHours })}
                                error={problems.cureHours}
                                maxLength={20}
                            />
                        </Box>
                    </>
                )}
                <Box fontSize="sm" color="quiet">
                    {left === 0 ? 'all steps done' : `${left} of ${view.steps.length} steps to do`}
                </Box>
            </Box>
            <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="6">
                <Steps
                    steps={view.steps}
                    done={build.done}
                    today={choices.today}
                    problems={problems}
                    onDone={(key, day) => set({ done: { ...build.done, [key]: day } })}
                />
                {view.isSump && (
                    <>
                        <FieldGroup legend="Leak tests">
                            <LeakTests
                                tests={build.leakTests}
                                choices={choices}
                                problems={problems}
                                onChange={(leakTests) => set({ leakTests })}
                            />
                        </FieldGroup>
                        <FieldGroup legend="Where the baffles stand">
                            <Measures
                                baffles={view.baffles}
                                measured={build.measured}
                                choices={choices}
                                problems={problems}
                                onChange={(measured) => set({ measured })}
                            />
                        </FieldGroup>
                    </>
                )}
            </Box>
        </Frame>
    );
}
