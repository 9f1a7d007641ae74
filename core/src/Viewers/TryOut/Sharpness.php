<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\TryOut;

/** How the Sun's edge looks on the screen, as anybody can tell, by how many blurs go across the disc (own judgement). */
enum Sharpness: string
{
    case Crisp = 'crisp';
    case Soft = 'soft';
    case Blob = 'blob';
    case OwnShape = 'own_shape';

    /** @return array{float, float} from how many details across to how many */
    public function details(): array
    {
        return match ($this) {
            self::Crisp => [5.0, INF],
            self::Soft => [2.5, 7.0],
            self::Blob => [1.0, 3.5],
            self::OwnShape => [0.0, 1.3],
        };
    }

    public function allows(float $details): bool
    {
        [$least, $most] = $this->details();

        return $details >= $least && $details <= $most;
    }
}
