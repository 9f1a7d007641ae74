<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** A rotation of the axes in space, kept as its three rows. */
final readonly class Rotation
{
    public function __construct(
        private Vector3 $row1,
        private Vector3 $row2,
        private Vector3 $row3,
    ) {}

    /** R1(angle): turns the y and z axes about x. */
    public static function aboutX(float $angleRad): self
    {
        $c = cos($angleRad);
        $s = sin($angleRad);

        return new self(new Vector3(1, 0, 0), new Vector3(0, $c, $s), new Vector3(0, -$s, $c));
    }

    /** R3(angle): turns the x and y axes about z. */
    public static function aboutZ(float $angleRad): self
    {
        $c = cos($angleRad);
        $s = sin($angleRad);

        return new self(new Vector3($c, $s, 0), new Vector3(-$s, $c, 0), new Vector3(0, 0, 1));
    }

    public function apply(Vector3 $v): Vector3
    {
        return new Vector3($this->row1->dot($v), $this->row2->dot($v), $this->row3->dot($v));
    }

    /** This rotation, followed by the next. */
    public function then(self $next): self
    {
        $columns = [
            new Vector3($this->row1->x, $this->row2->x, $this->row3->x),
            new Vector3($this->row1->y, $this->row2->y, $this->row3->y),
            new Vector3($this->row1->z, $this->row2->z, $this->row3->z),
        ];
        $row = static fn(Vector3 $r): Vector3 => new Vector3($r->dot($columns[0]), $r->dot($columns[1]), $r->dot($columns[2]));

        return new self($row($next->row1), $row($next->row2), $row($next->row3));
    }
}
