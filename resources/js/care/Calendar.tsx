import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';

const HOURS = [['', 'no alarm'], ...[6, 8, 12, 17, 19].map((hour) => [String(hour), `at ${hour}:00`])] as [
    string,
    string,
][];

/** The same list for a calendar: as a file, or by a secret address for each person that can be revoked. */
export function Calendar({ feeds, people }: { feeds: string[]; people: string[] }) {
    const [alarm, setAlarm] = useState('');
    const [person, setPerson] = useState('');
    const stay = { preserveScroll: true };
    return (
        <Box borderTopWidth="1px" pt="3">
            <chakra.h2 fontSize="lg" mb="1">
                Calendar
            </chakra.h2>
            <chakra.p fontSize="sm" color="quiet" mb="2">
                Only titles leave Ithys. Whoever has the address can read it.
            </chakra.p>
            <Box display="grid" gap="2" justifyItems="start">
                <a href="/care.ics" download>
                    As a file
                </a>
                {people.length > 0 && (
                    <ChoiceField
                        label="Tasks of"
                        value={person}
                        options={[['', 'everybody'], ...people.map((name) => [name, name] as const)]}
                        onPick={setPerson}
                    />
                )}
                <ChoiceField label="Alarm" value={alarm} options={HOURS} onPick={setAlarm} />
                <Button onClick={() => router.post('/settings/calendar', { alarm, person }, stay)}>
                    {feeds.includes(person) ? 'New address' : 'Address to subscribe to'}
                </Button>
                {feeds.map((name) => (
                    <Button
                        key={name}
                        look="plain"
                        px="0"
                        onClick={() => router.delete('/settings/calendar', { ...stay, data: { person: name } })}
                    >
                        {name === '' ? 'Revoke the address' : `Revoke the address of ${name}`}
                    </Button>
                ))}
            </Box>
        </Box>
    );
}
