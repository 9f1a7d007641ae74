@use('KeenShadow\Core\Eyewear\PairFault')
{{-- What it looks like: a pair of lenses, or a tube with its filter, drawn for this program. --}}
<svg class="criterion" viewBox="0 0 72 40" aria-hidden="true">
    @if (in_array($fault, [PairFault::NotOnTheFront, PairFault::NotFixed, PairFault::FinderOpen], true))
        <path class="criterion-frame" d="M14 18H54V32H14ZM8 22H14V28H8Z"/>
        <path class="criterion-frame" d="M22 10H40V15H22Z"/>
        @switch ($fault)
            @case (PairFault::NotOnTheFront) <path class="criterion-lens" d="M3 19H7V31H3Z"/><path class="criterion-fault" d="M70 19L56 21M70 25H56M70 31L56 29"/> @break
            @case (PairFault::NotFixed) <path class="criterion-lens" d="M58 14L62 15L59 34L55 33Z"/><path class="criterion-fault" d="M64 36C68 32 68 24 66 18"/> @break
            @default <path class="criterion-lens" d="M54 17H58V33H54Z"/><path class="criterion-fault" d="M70 12.5H40M22 12.5L10 8M22 12.5L10 17"/>
        @endswitch
    @else
        <path class="criterion-frame" d="M2 8H34V32H2ZM38 8H70V32H38ZM34 16C35 14 37 14 38 16"/>
        <path class="criterion-lens" d="M6 12H30V28H6Z"/>
        @if ($fault !== PairFault::LensLoose && $fault !== PairFault::SeeThrough) <path class="criterion-lens" d="M42 12H66V28H42Z"/> @endif
        @switch ($fault)
            @case (PairFault::Scratch) <path class="criterion-light" d="M45 25L58 15M50 26L61 18"/> @break
            @case (PairFault::Hole) <circle class="criterion-point" cx="55" cy="20" r="2.6"/> @break
            @case (PairFault::Crease) <path class="criterion-light" d="M52 12L55 16L53 20L56 24L54 28"/> @break
            @case (PairFault::FilmLifting) <path class="criterion-lifted" d="M66 12V22L56 12Z"/><path class="criterion-light" d="M56 12L58 20L66 22"/> @break
            @case (PairFault::LensLoose) <path class="criterion-lens" d="M44 10L68 15L64 31L41 26Z"/><path class="criterion-fault" d="M40 10L44 10M66 31L68 31"/> @break
            @case (PairFault::FrameTorn) <path class="criterion-gap" d="M60 28L64 32L68 26L70 34"/><path class="criterion-fault" d="M60 28L63 32L66 28"/> @break
            @case (PairFault::SecondLight) <circle class="criterion-point" cx="51" cy="20" r="4"/><circle class="criterion-point" cx="61" cy="16" r="1.5"/> @break
            @case (PairFault::SeeThrough) <path class="criterion-pale" d="M42 12H66V28H42Z"/><path class="criterion-fault" d="M54 15A5 5 0 1 1 53.9 15M52 19V20M56 19V20M51.5 22.5C53 24 55 24 56.5 22.5"/> @break
            @case (PairFault::Dirt) <path class="criterion-dirt" d="M47 16H49M55 22H59M60 15H61M50 25H52M45 21H46"/> @break
            @case (PairFault::DoesNotStayOn) <path class="criterion-fault" d="M6 36C20 40 50 40 66 36M62 34L66 36L63 39"/> @break
        @endswitch
    @endif
</svg>
