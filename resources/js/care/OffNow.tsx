import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { Button } from '../parts/Button';
import { type Tank } from './types';

/** What is off on a tank now, each back on by one touch; and the pause for a feeding. */
export function OffNow({ tank }: { tank: Tank }) {
    const log = (line: string) => router.post(`/systems/${tank.id}/journal`, { line }, { preserveScroll: true });
    const { pause } = tank;
    return (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" py="1">
            {tank.off.map((one) => (
                <Box key={one.line} display="flex" gap="2" alignItems="center">
                    <chakra.span color={one.isOverdue ? 'caution' : undefined} fontWeight="700">
                        {one.says}
                    </chakra.span>
                    {tank.mayLog && (
                        <Button
                            minH={{ base: '44px', md: '28px' }}
                            aria-label={`Back on: ${one.line}`}
                            onClick={() => log(one.line)}
                        >
                            Back on
                        </Button>
                    )}
                </Box>
            ))}
            {tank.mayLog && pause !== null && tank.off.length === 0 && (
                <Button
                    look="plain"
                    px="0"
                    minH={{ base: '44px', md: '28px' }}
                    aria-label={`Feeding pause, ${tank.name}`}
                    onClick={() => log(pause)}
                >
                    Feeding pause
                </Button>
            )}
        </Box>
    );
}
