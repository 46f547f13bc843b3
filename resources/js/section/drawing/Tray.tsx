import { type DrawnTray } from '../types';
import { Fill, Stroke, ink } from './marks';
import { type Scale } from './scale';

/** A tray or shelf across its chamber at a height, with what sits in its openings seen from the front. */
export function Tray({
    tray,
    topMm,
    picked,
    scale,
    y,
}: {
    tray: DrawnTray;
    topMm: number;
    picked: boolean;
    scale: Scale;
    y: (mm: number) => number;
}) {
    const { x, width } = scale.span(tray.fromMm, tray.toMm);
    const thick = Math.max(3, tray.thicknessMm * scale.perMm);
    return (
        <g>
            <rect
                x={x}
                y={y(topMm - tray.thicknessMm)}
                width={width}
                height={tray.ledgeWidthMm * scale.perMm}
                fill={ink('deep')}
                fillOpacity="0.2"
            >
                <title>Ledge on the front and back glass</title>
            </rect>
            {tray.openings.map((opening) => {
                const at = scale.span(opening.atMm, opening.atMm + opening.lengthMm);
                const foot = y(topMm - opening.hangsMm);
                const isSock = opening.kind.startsWith('sock');
                return (
                    <g key={opening.id}>
                        {isSock ? (
                            <path
                                d={`M${at.x} ${y(topMm)}V${foot - at.width / 4}q0 ${at.width / 4} ${at.width / 2} ${at.width / 4}t${at.width / 2} ${-at.width / 4}V${y(topMm)}`}
                                fill={ink('current')}
                                fillOpacity="0.5"
                                stroke={ink('deep')}
                                strokeWidth="1.1"
                                strokeDasharray="2 2"
                            />
                        ) : (
                            opening.standsMm + opening.hangsMm > 0 && (
                                <rect
                                    x={at.x}
                                    y={y(topMm + opening.standsMm)}
                                    width={at.width}
                                    height={(opening.standsMm + opening.hangsMm) * scale.perMm}
                                    fill="none"
                                    stroke={ink('deep')}
                                    strokeWidth="1.1"
                                />
                            )
                        )}
                    </g>
                );
            })}
            {tray.kind === 'egg-crate' ? (
                <Stroke
                    d={`M${x} ${y(topMm) + thick / 2}h${width}`}
                    colour={picked ? 'kelp' : 'deep'}
                    width={thick}
                    dash="3 3"
                />
            ) : (
                <Fill x={x} y={y(topMm)} width={width} height={thick} colour={picked ? 'kelp' : 'deep'} />
            )}
            {tray.openings.map((opening) => {
                const at = scale.span(opening.atMm, opening.atMm + opening.lengthMm);
                return <Fill key={opening.id} x={at.x} y={y(topMm)} width={at.width} height={thick} colour="paper" />;
            })}
        </g>
    );
}
