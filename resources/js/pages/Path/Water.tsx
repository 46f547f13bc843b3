import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { PathTabs } from '../../path/PathTabs';
import { useDates } from '../../lib/dates';
import { useUnits } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { TankFields, type TypedTank } from '../../parts/TankFields';
import { TextField } from '../../parts/TextField';
import { type TankDraft, type Volume, WorkingVolume } from '../../parts/WorkingVolume';

interface Props {
    frame: SystemFrame;
    typed: TypedTank;
    volume: Volume;
    revisions: { id: number; since: number; litres: number }[];
}

export default function Water(props: Props) {
    // A change of units rewrites the figures, so the form starts anew with them.
    return <Description key={JSON.stringify(props.typed)} {...props} />;
}

function Description({ frame, typed, volume, revisions }: Props) {
    const form = useForm({ ...typed, since: '' });
    const { day } = useDates();
    const { show } = useUnits();
    const answer = useDraft<TankDraft>('/tank-preview', form.data);
    const draft = answer?.ok === true ? answer.result : null;
    const errors = { ...draft?.problems, ...form.errors };
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.put(`/systems/${frame.id}/path/water`, { preserveScroll: true });
    }
    return (
        <Frame
            title="Water"
            area="Path"
            frame={frame}
            aside={<WorkingVolume volume={draft?.volume ?? volume} stale={draft !== null && draft.volume === null} />}
        >
            <PathTabs systemId={frame.id} tab="Water" />
            <chakra.h1 fontSize="xl" mb="3">
                The water of {frame.name}
            </chakra.h1>
            <chakra.form onSubmit={submit} noValidate>
                <TankFields tank={form.data} errors={errors} onChange={(field, text) => form.setData(field, text)} />
                <Box display="flex" flexWrap="wrap" gap="4" alignItems="flex-start" mt="6" borderTopWidth="1px" pt="4">
                    <Box width="19rem">
                        <TextField
                            label="The tank was changed on"
                            type="date"
                            value={form.data.since}
                            onText={(since) => form.setData('since', since)}
                            error={form.errors.since}
                            help="Leave empty to put the present description right; with a day, readings before it keep the old volume."
                        />
                    </Box>
                    <Button type="submit" look="solid" mt="24px" disabled={form.processing || !form.isDirty}>
                        Save
                    </Button>
                </Box>
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
