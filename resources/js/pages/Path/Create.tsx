import { chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { useDraft } from '../../lib/useDraft';
import { EMPTY_TANK, TankFields } from '../../parts/TankFields';
import { type TankDraft, WorkingVolume } from '../../parts/WorkingVolume';

export default function Create({ first }: { first: boolean }) {
    const form = useForm({ ...EMPTY_TANK });
    const answer = useDraft<TankDraft>('/tank-preview', form.data);
    const volume = answer?.ok === true ? answer.result.volume : null;
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post('/systems', { preserveScroll: true });
    }
    return (
        <Frame title="Describe a tank" area="Path" aside={<WorkingVolume volume={volume} stale={false} />}>
            <chakra.h1 fontSize="xl">{first ? 'Describe your tank' : 'Describe another tank'}</chakra.h1>
            <chakra.p color="quiet" mb="4" maxWidth="44rem">
                Write figures in the unit shown, or any unit spelled out: “48 in”, “12 imp gal”, “1/2 in”. What you
                leave empty counts as none.
            </chakra.p>
            <chakra.form onSubmit={submit} noValidate>
                <TankFields
                    tank={form.data}
                    errors={form.errors}
                    onChange={(field, text) => form.setData(field, text)}
                />
                <Button type="submit" look="solid" mt="6" disabled={form.processing}>
                    Save the tank
                </Button>
            </chakra.form>
        </Frame>
    );
}
