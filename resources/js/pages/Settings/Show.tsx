import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { Link, router, useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { useShared } from '../../lib/page';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';

interface Props {
    zones: string[];
    /** The last copy of the data; null where none was ever made. */
    copy: { file: string | null; at: number | null; problem: string | null } | null;
    binned: { id: number; name: string }[];
}

export default function Show({ zones, copy, binned }: Props) {
    const dates = useDates();
    const { keeper, systems } = useShared();
    return (
        <Frame title="Settings" area="Settings">
            <chakra.h1 fontSize="xl" mb="4">
                Settings
            </chakra.h1>
            <Box display="grid" gridTemplateColumns={{ base: '1fr', lg: '1fr 1fr 1fr' }} gap="8" maxWidth="76rem">
                <KeeperForm zones={zones} key={keeper?.units} />
                <PasswordForm />
                <section>
                    <chakra.h2 fontSize="lg" mb="1">
                        Backup
                    </chakra.h2>
                    <chakra.p fontSize="sm" mb="5">
                        {copy?.at == null
                            ? 'No backup was made yet. On the server: php artisan ithys:backup --to=FOLDER'
                            : `Last backup: ${dates.moment(copy.at)}, ${copy.file ?? ''}`}
                        {copy !== null && copy.problem !== null && (
                            <chakra.span display="block" color="fault" fontWeight="600">
                                The last try failed: {copy.problem}
                            </chakra.span>
                        )}
                    </chakra.p>
                    <chakra.h2 fontSize="lg" mb="3">
                        Tanks
                    </chakra.h2>
                    {systems.map((system) => (
                        <Row key={system.id} name={system.name}>
                            <Link href={`/systems/${system.id}/assumptions`}>Assumptions</Link>
                            <Link href={`/systems/${system.id}/bin`}>Bin</Link>
                            <Button
                                look="plain"
                                aria-label={`Move to the bin: ${system.name}`}
                                onClick={() => router.delete(`/systems/${system.id}`)}
                            >
                                Move to the bin
                            </Button>
                        </Row>
                    ))}
                    {binned.map((system) => (
                        <Row key={system.id} name={`${system.name}, in the bin`}>
                            <Button
                                look="plain"
                                aria-label={`Restore ${system.name}`}
                                onClick={() => router.post(`/systems/${system.id}/restore`)}
                            >
                                Restore
                            </Button>
                        </Row>
                    ))}
                    <Box mt="3">
                        <Link href="/systems/create">Describe another tank</Link>
                    </Box>
                </section>
            </Box>
            <chakra.p color="quiet" fontSize="sm" mt="8">
                Ithys ships with the work of others:{' '}
                <chakra.a href="/build/licenses.txt">notices of the scripts and fonts</chakra.a>.
            </chakra.p>
        </Frame>
    );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
    return (
        <Box display="flex" alignItems="center" gap="3" borderBottomWidth="1px" minH="44px">
            <Box flex="1">{name}</Box>
            {children}
        </Box>
    );
}

function KeeperForm({ zones }: { zones: string[] }) {
    const { keeper } = useShared();
    const form = useForm({
        name: keeper?.name ?? '',
        timezone: keeper?.zone ?? 'UTC',
        units: keeper?.units ?? 'metric',
        currency: keeper?.currency ?? '',
    });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.put('/settings', { preserveScroll: true });
    }
    return (
        <chakra.form onSubmit={submit} display="grid" gap="4" alignContent="start" noValidate>
            <chakra.h2 fontSize="lg">You</chakra.h2>
            <TextField
                label="Name"
                autoComplete="name"
                value={form.data.name}
                onText={(name) => form.setData('name', name)}
                error={form.errors.name}
            />
            <ChoiceField
                label="Time zone"
                value={form.data.timezone}
                onPick={(timezone) => form.setData('timezone', timezone)}
                options={zones.map((zone) => [zone, zone.replaceAll('_', ' ')] as const)}
            />
            <ChoiceField
                label="Units"
                value={form.data.units}
                onPick={(units) => form.setData('units', units === 'us' ? 'us' : 'metric')}
                options={[
                    ['metric', 'Metric: L, cm, kg, °C'],
                    ['us', 'US: US gal, in, lb, °F'],
                ]}
            />
            <TextField
                label="Currency"
                help="Three letters, such as EUR. All prices are in it."
                maxLength={3}
                value={form.data.currency}
                onText={(currency) => form.setData('currency', currency.toUpperCase())}
                error={form.errors.currency}
            />
            <Button type="submit" look="solid" justifySelf="start" disabled={form.processing || !form.isDirty}>
                Save
            </Button>
        </chakra.form>
    );
}

function PasswordForm() {
    const form = useForm({ current_password: '', password: '' });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.put('/settings/password', { preserveScroll: true, onSuccess: () => form.reset() });
    }
    return (
        <chakra.form onSubmit={submit} display="grid" gap="4" alignContent="start" noValidate>
            <chakra.h2 fontSize="lg">Password</chakra.h2>
            <TextField
                label="Present password"
                type="password"
                autoComplete="current-password"
                value={form.data.current_password}
                onText={(current) => form.setData('current_password', current)}
                error={form.errors.current_password}
            />
            <TextField
                label="New password"
                type="password"
                autoComplete="new-password"
                help="At least 10 characters. Other devices are signed out."
                value={form.data.password}
                onText={(password) => form.setData('password', password)}
                error={form.errors.password}
            />
            <Button type="submit" justifySelf="start" disabled={form.processing || form.data.password === ''}>
                Change the password
            </Button>
        </chakra.form>
    );
}
