import { type DrawnPlaced } from '../types';
import { Fill, ink } from './marks';

/** A device in its chamber, with the band of water its maker asks for. */
export function Device({
    device,
    picked,
    x,
    width,
    perMm,
    y,
}: {
    device: DrawnPlaced;
    picked: boolean;
    x: number;
    width: number;
    perMm: number;
    y: (mm: number) => number;
}) {
    const most = device.depthHighMm ?? device.depthLowMm ?? 0;
    return (
        <g>
            {device.depthLowMm !== undefined && device.kind !== 'heater' && (
                <Fill
                    x={x - 5}
                    y={y(device.standMm + most)}
                    width={width + 10}
                    height={Math.max(2, (most - device.depthLowMm) * perMm)}
                    colour="current"
                />
            )}
            <rect
                x={x}
                y={y(device.standMm + device.heightMm)}
                width={width}
                height={device.heightMm * perMm}
                rx="3"
                fill="transparent"
                stroke={ink(picked ? 'kelp' : 'ink')}
                strokeWidth={picked ? 2.4 : 1.4}
            />
        </g>
    );
}
