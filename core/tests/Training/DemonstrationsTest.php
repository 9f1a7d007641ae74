<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Training;

use KeenShadow\Core\Training\Demonstrations\ScaleModel;
use KeenShadow\Core\Training\TrainingException;
use PHPUnit\Framework\TestCase;

/** What is shown with balls, hoops and lamps. */
final class DemonstrationsTest extends TestCase
{
    /**
     * By hand: 1 391 400, 12 756.2, 3474.8 and 384 400 km out of 149 597 871 on 30 m; at 400 mm 5.145° are 35.9 mm, and the shadow goes by 34 470 km, 2.7 Earths.
     * In any yard the small Moon covers the large Sun as in the sky: both are half a degree wide.
     */
    public function testSunEarthAndMoonToOneScale(): void
    {
        $model = ScaleModel::in(30.0);
        self::assertEqualsWithDelta([279.03, 2.558, 0.697, 77.09], [$model->sunMm(), $model->earthMm(), $model->moonMm(), $model->moonAwayMm()], 0.01);
        self::assertEqualsWithDelta([35.87, 2.70], [ScaleModel::aboveMm(400.0), ScaleModel::missesByEarths()], 0.01);
        foreach ([1.0, 87.5, 100_000.0] as $yardM) {
            $model = ScaleModel::in($yardM);
            self::assertEqualsWithDelta(0.53, rad2deg($model->sunMm() / (1000 * $yardM)), 0.01);
            self::assertEqualsWithDelta(0.52, rad2deg($model->moonMm() / $model->moonAwayMm()), 0.01);
        }
        foreach ([0.0, 0.99, 100_001.0, NAN, INF] as $wrong) {
            try {
                ScaleModel::in($wrong);
                self::fail("{$wrong} m were taken");
            } catch (TrainingException $e) {
                self::assertSame(['not_one_of', 'yard_m'], [$e->reason, $e->field]);
            }
        }
    }
}
