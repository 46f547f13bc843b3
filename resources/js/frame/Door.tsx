import { Box, chakra } from '@chakra-ui/react';
import { Head } from '@inertiajs/react';
import { type ReactNode } from 'react';
import { TroubleBar } from './TroubleBar';

/** The page in front of the app: one line of water, one thing to do. */
export function Door({ title, lead, children }: { title: string; lead: string; children: ReactNode }) {
    return (
        <>
            <TroubleBar />
            <chakra.main display="grid" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }} minHeight="100dvh">
                <Head title={title} />
                <Box
                    bg="water"
                    px={{ base: '4', md: '12' }}
                    pt={{ base: '6', md: '16' }}
                    pb={{ base: '4', md: '12' }}
                    position="relative"
                    overflow="hidden"
                >
                    <chakra.p fontFamily="heading" fontWeight="750" fontSize="2xl">
                        Ithys
                    </chakra.p>
                    <chakra.p maxWidth="24rem" mt="2" fontSize="lg" lineHeight="1.35">
                        Measure the water, log what you change, and see what each change really did.
                    </chakra.p>
                    <Box
                        asChild
                        position="absolute"
                        left="0"
                        bottom={{ base: '-40px', md: '0' }}
                        width="100%"
                        color="deep"
                        aria-hidden="true"
                    >
                        <svg height="150" viewBox="0 0 600 150" preserveAspectRatio="none">
                            <path
                                d="M0 60c50-30 50 30 100 0s50 30 100 0 50 30 100 0 50 30 100 0 50 30 100 0 50 30 100 0"
                                fill="none"
                                stroke="currentColor"
                                strokeWidth="2"
                                vectorEffect="non-scaling-stroke"
                            />
                        </svg>
                    </Box>
                </Box>
                <Box px={{ base: '4', md: '12' }} pt={{ base: '6', md: '16' }} pb="8">
                    <Box maxWidth="24rem">
                        <chakra.h1 fontSize="xl" mb="1">
                            {title}
                        </chakra.h1>
                        <chakra.p color="quiet" mb="5">
                            {lead}
                        </chakra.p>
                        {children}
                    </Box>
                </Box>
            </chakra.main>
        </>
    );
}
