import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { type Sheet, SheetView } from '../../care/SheetView';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { TextField } from '../../parts/TextField';

interface Props {
    frame: SystemFrame;
    stays: { id: number; sheet: Sheet }[];
    /** What is fed a day, as a sitter is told; empty where it is not known. */
    food: string;
}

/** Sheets for whoever keeps an eye on the tank: written here, printed, or given as an address. */
export default function Sitters({ frame, stays, food }: Props) {
    const dates = useDates();
    const [typed, setTyped] = useState({
        name: '',
        from: dates.today(),
        to: dates.today(),
        food,
        call: '',
        notes: '',
    });
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
    const url = `/systems/${frame.id}/care/sitters`;
    const field = (key: keyof typeof typed, label: string, type?: string) => (
        <TextField
            label={label}
            type={type}
            value={typed[key]}
            error={errors[key]}
            onText={(text) => setTyped({ ...typed, [key]: text })}
        />
    );
    return (
        <Frame title="Sitter" area="Care" frame={frame}>
            <chakra.p fontSize="sm" _print={{ display: 'none' }}>
                <Link href={`/systems/${frame.id}/care`}>Back to today</Link>
            </chakra.p>
            <chakra.h1 fontSize="2xl" mb="2">
                A sheet for the sitter
            </chakra.h1>
            <chakra.form
                aria-label="A new stay"
                display="grid"
                gap="3"
                maxWidth="36rem"
                mb="6"
                _print={{ display: 'none' }}
                onSubmit={(event: SyntheticEvent) => {
                    event.preventDefault();
                    router.post(url, typed, {
                        preserveScroll: true,
                        onError: setErrors,
                        onSuccess: () => {
                            setErrors({});
                            setTyped({ ...typed, name: '', notes: '' });
                        },
                    });
                }}
            >
                {field('name', 'Who looks after the tank')}
                <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
                    {field('from', 'First day', 'date')}
                    {field('to', 'Last day', 'date')}
                </Box>
                {field('food', 'Food, already measured out')}
                {field('call', 'Whom to call, and where')}
                {field('notes', 'Anything else')}
                <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                    Make the sheet
                </Button>
            </chakra.form>
            {stays.map(({ id, sheet }) => (
                <Box as="section" key={id} aria-label={`Sheet for ${sheet.name}`} mb="6" borderTopWidth="1px" pt="3">
                    <Box display="flex" gap="3" mb="2" _print={{ display: 'none' }}>
                        <Button minH={{ base: '44px', md: '28px' }} onClick={() => print()}>
                            Print
                        </Button>
                        <Button
                            look="plain"
                            minH={{ base: '44px', md: '28px' }}
                            onClick={() => router.delete(`${url}/${id}`, { preserveScroll: true })}
                        >
                            End the address
                        </Button>
                    </Box>
                    <SheetView sheet={sheet} />
                </Box>
            ))}
        </Frame>
    );
}
