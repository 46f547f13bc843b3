import { Box, chakra } from '@chakra-ui/react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { useParameter } from '../tide/parameters';
import { type Counsel, type Step } from './types';

/** What could be done next, the gentlest first. */
export function Advised({ advice, onTry }: { advice: NonNullable<Counsel['advice']>; onTry: (step: Step) => void }) {
    const named = useParameter();
    const dates = useDates();
    return (
        <chakra.section mb="5">
            <chakra.h2 fontSize="lg" mb="1">
                What next
            </chakra.h2>
            <chakra.p mb="2" maxWidth="46rem">
                {advice.sentence}
            </chakra.p>
            {advice.waits !== null && (
                <chakra.p mb="2" maxWidth="46rem" fontWeight="600">
                    {advice.waits}
                </chakra.p>
            )}
            <chakra.ol listStyleType="none" display="grid" gap="3" maxWidth="50rem">
                {advice.steps.map((step, i) => (
                    <Box as="li" key={step.key} borderTopWidth="1px" pt="2">
                        <Box display="flex" gap="3" alignItems="baseline" flexWrap="wrap">
                            <Box fontWeight="700" flex="1 1 16rem">
                                {i + 1}. {step.does}
                            </Box>
                            <Button
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Try it: ${step.does}`}
                                onClick={() => onTry(step)}
                            >
                                Try it
                            </Button>
                        </Box>
                        <Box fontSize="sm">
                            {`After ${step.weeks} weeks: `}
                            {Object.entries(step.expected)
                                .map(([key, says]) => `${named(key).name} ${says}`)
                                .join(', ')}
                            . Watch: {step.watch}
                        </Box>
                        {step.tried.map((before) => (
                            <Box key={before.t} fontSize="sm" color="quiet">
                                {`Before here, ${dates.day(before.t)}: ${before.text}: ${before.answers
                                    .map(({ parameter, verdict }) => `${named(parameter).name} ${verdict}`)
                                    .join(', ')}.`}
                            </Box>
                        ))}
                        {step.caution !== null && (
                            <Box fontSize="sm" color="caution">
                                Caution: {step.caution}
                            </Box>
                        )}
                    </Box>
                ))}
            </chakra.ol>
        </chakra.section>
    );
}
