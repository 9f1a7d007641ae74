<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Record;

use KeenShadow\Core\Training\Cards\Duty;

/** What a helper may be planned for; the values are the run sheet's words, and calling besides. */
enum CrewTask: string
{
    case Glasses = 'glasses';
    case Instrument = 'instrument';
    case Beam = 'beam';
    case Calling = 'calling';

    /** @return list<Need> what must be passed before (own judgement) */
    public function needs(): array
    {
        return match ($this) {
            self::Glasses => [Need::cards(Duty::Checker), new Need(Exercise::Lenses, ''), new Need(Exercise::Steps, 'table')],
            self::Instrument => [Need::cards(Duty::Instrument), new Need(Exercise::Scene, 'gust'), new Need(Exercise::Scene, 'tracking'), new Need(Exercise::Steps, 'filter')],
            self::Beam => [Need::cards(Duty::Instrument), new Need(Exercise::Steps, 'projection')],
            self::Calling => [new Need(Exercise::Scene, 'clouds'), new Need(Exercise::Drill, '')],
        };
    }
}
