import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { PathTabs } from '../../path/PathTabs';
import { useDates } from '../../lib/dates';
import { useUnits } from '../../lib/figures';
import { type SystemFrame, useShared } from '../../lib/page';
import { useLiveDraft } from '../../lib/useLiveDraft';
import { TankFields, type TypedTank } from '../../parts/TankFields';
import { TextField } from '../../parts/TextField';
import { type Volume, WorkingVolume } from '../../parts/WorkingVolume';

type TypedWater = TypedTank & { since: string };

interface Props {
    frame: SystemFrame;
    version: number;
    typed: TypedWater;
    schools: [string, string][];
    view: Volume;
    computed: Record<string, string>;
    revisions: { id: number; since: number; litres: number }[];
}

export default function Water({ frame, version, typed, schools, view: savedView, computed, revisions }: Props) {
    const units = useShared().keeper?.units ?? 'metric';
    const draft = useLiveDraft<TypedWater, Volume>({
        key: `ithys-water-${frame.id}-${version}-${units}`,
        name: 'tank',
        url: `/systems/${frame.id}/path/water`,
        version,
        saved: true,
        typed,
        view: savedView,
    });
    const { now: tank, problems } = draft;
    const { day } = useDates();
    const { show } = useUnits();
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        draft.save();
    }
    return (
        <Frame
            title="Water"
            area="Path"
            frame={frame}
            aside={<WorkingVolume volume={draft.view} stale={draft.stale} />}
        >
            <PathTabs systemId={frame.id} tab="Water" />
            <chakra.h1 fontSize="xl" mb="3">
                The water of {frame.name}
            </chakra.h1>
            <chakra.form onSubmit={submit} noValidate>
                <TankFields
                    tank={tank}
                    schools={schools}
                    errors={problems}
                    computed={computed}
                    systemId={frame.id}
                    onChange={(field, text) => draft.change({ ...tank, [field]: text })}
                />
                <Box display="flex" flexWrap="wrap" gap="4" alignItems="flex-start" mt="6" borderTopWidth="1px" pt="4">
                    <Box width="19rem">
                        <TextField
                            label="The tank was changed on"
                            type="date"
                            value={tank.since}
                            onText={(since) => draft.change({ ...tank, since })}
                            error={problems.since}
                            help="Leave empty to put the present description right; with a day, readings before it keep the old volume."
                        />
                    </Box>
                    <Button type="submit" look="solid" mt="24px" disabled={!draft.canSave}>
                        Save
                    </Button>
                </Box>
                {problems.tank !== undefined && (
                    <Box color="fault" fontSize="sm" fontWeight="600" role="alert" pt="2">
                        {problems.tank}
                    </Box>
                )}
            </chakra.form>
            {revisions.length > 1 && (
                <chakra.section mt="6">
                    <chakra.h2 fontSize="md">Descriptions</chakra.h2>
                    {revisions.map((revision) => (
                        <Box key={revision.id} display="flex" gap="4" fontSize="sm" py="1" borderBottomWidth="1px">
                            <Box width="11rem">since {day(revision.since)}</Box>
                            <Box fontFamily="figure">{show(revision.litres, 'volume')}</Box>
                        </Box>
                    ))}
                </chakra.section>
            )}
        </Frame>
    );
}
