import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';
import { useParameter } from '../tide/parameters';
import { type Kept, type Levers } from './types';

/** Courses that were kept, with where each was foreseen to lead, and how the plan came. */
export function Courses({
    systemId,
    courses,
    course,
    onLoad,
}: {
    systemId: number;
    courses: Kept[];
    /** As the levers stand now. */
    course: Levers;
    onLoad: (levers: Levers) => void;
}) {
    const named = useParameter();
    const dates = useDates();
    const [name, setName] = useState('');
    const [refused, setRefused] = useState<string | undefined>();
    const url = `/systems/${systemId}/forecast/courses`;
    const stay = { preserveScroll: true, preserveState: true };
    function keep(event: SyntheticEvent) {
        event.preventDefault();
        router.post(
            url,
            { name, levers: { ...course } },
            {
                ...stay,
                onSuccess: () => {
                    setName('');
                    setRefused(undefined);
                },
                onError: (errors) => setRefused(Object.values(errors)[0]),
            },
        );
    }
    return (
        <chakra.section mb="5" maxWidth="50rem">
            <chakra.h2 fontSize="lg" mb="1">
                Kept courses
            </chakra.h2>
            <chakra.form onSubmit={keep} display="flex" gap="3" alignItems="end" mb="3" aria-label="Keep this course">
                <TextField
                    label="Keep the levers as they stand, called"
                    value={name}
                    maxLength={80}
                    error={refused}
                    onText={setName}
                />
                <Button type="submit" disabled={name.trim() === ''}>
                    Keep
                </Button>
            </chakra.form>
            {courses.map((one) => (
                <Box key={one.id} borderTopWidth="1px" py="2" fontSize="sm">
                    <Box display="flex" gap="3" alignItems="baseline" flexWrap="wrap">
                        <Box fontWeight="700" flex="1 1 12rem">
                            {one.name}
                            {one.isPlan && <chakra.span color="kelp"> · the plan</chakra.span>}
                            <chakra.span color="quiet" fontWeight="400">
                                {' '}
                                {dates.day(one.t)}
                            </chakra.span>
                        </Box>
                        <Button
                            minH={{ base: '44px', md: '28px' }}
                            aria-label={`Set the levers as in ${one.name}`}
                            onClick={() => onLoad(one.levers)}
                        >
                            Set
                        </Button>
                        {!one.isPlan && (
                            <Button
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Make ${one.name} the plan`}
                                onClick={() => router.post(`${url}/${one.id}/plan`, {}, stay)}
                            >
                                Make it the plan
                            </Button>
                        )}
                        <Button
                            look="plain"
                            minH={{ base: '44px', md: '28px' }}
                            aria-label={`Take ${one.name} away`}
                            onClick={() => router.delete(`${url}/${one.id}`, stay)}
                        >
                            Take away
                        </Button>
                    </Box>
                    <Box color="quiet">
                        {`Forecast then for ${one.ends.weeks} weeks ahead: ${Object.entries(one.ends.says)
                            .map(([key, says]) => `${named(key).name} ${says}`)
                            .join(', ')}.`}
                    </Box>
                    {Object.entries(one.scores).map(
                        ([key, score]) =>
                            score !== undefined && (
                                <Box key={key}>
                                    {`${one.isPlan ? 'How it came' : 'Beside what was read, whether you took it or not'}: of ${score.readings} readings of ${named(key).name} ${score.within} lay in the band; it was off by ${figure(score.off, 0)} % in the middle, “all stays as it is” by ${figure(score.stays, 0)} %.`}
                                </Box>
                            ),
                    )}
                </Box>
            ))}
        </chakra.section>
    );
}
