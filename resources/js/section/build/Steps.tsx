import { Box, Input, chakra } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import { CheckField } from '../../parts/CheckField';
import { type BuildStep, type TypedBuild } from './types';

/** The steps in their order: ticked off with their day, each with the caution that belongs to it. */
export function Steps({
    steps,
    done,
    today,
    problems,
    onDone,
}: {
    steps: BuildStep[];
    done: TypedBuild['done'];
    today: string;
    problems: Record<string, string>;
    onDone: (key: string, day: string) => void;
}) {
    return (
        <chakra.ol listStyleType="none">
            {steps.map((step, i) => {
                const day = done[step.key] ?? '';
                const problem = problems[`done.${step.key}`];
                return (
                    <Box
                        as="li"
                        key={step.key}
                        borderTopWidth="1px"
                        py="2"
                        display="grid"
                        gridTemplateColumns={{ base: 'auto minmax(0, 1fr)', md: 'auto minmax(0, 1fr) 150px' }}
                        columnGap="3"
                    >
                        <Box fontFamily="figure" color="quiet" minW="22px" pt="1.5" textAlign="right">
                            {i + 1}
                        </Box>
                        <Box>
                            <Box fontWeight="600" color={day === '' ? 'ink' : 'quiet'}>
                                <CheckField
                                    label={step.title}
                                    checked={day !== ''}
                                    onCheck={(checked) => onDone(step.key, checked ? today : '')}
                                />
                            </Box>
                            <Box fontSize="sm" maxW="68ch">
                                {step.says}
                            </Box>
                            {step.notBefore !== null && day === '' && (
                                <Box fontSize="sm" fontWeight="600">
                                    Not before {step.notBefore}
                                </Box>
                            )}
                            {step.caution !== null && (
                                <Box fontSize="sm" color="caution" mt="1" display="flex" gap="2" maxW="68ch">
                                    <Box as="span" pt="0.5" flexShrink="0">
                                        <TriangleAlert size={15} aria-label="Caution" />
                                    </Box>
                                    <span>{step.caution}</span>
                                </Box>
                            )}
                        </Box>
                        <Box gridColumn={{ base: '2', md: '3' }}>
                            {day !== '' && (
                                <Input
                                    type="date"
                                    aria-label={`${step.title}, done on`}
                                    value={day}
                                    max={today}
                                    onChange={(event) => onDone(step.key, event.target.value)}
                                />
                            )}
                            {problem !== undefined && (
                                <Box color="fault" fontSize="sm" role="alert">
                                    {problem}
                                </Box>
                            )}
                        </Box>
                    </Box>
                );
            })}
        </chakra.ol>
    );
}
