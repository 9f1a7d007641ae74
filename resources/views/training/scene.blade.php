<x-exercise :title="__($scene->title)" :event="$event" :door="$door" part="trainingScene" :data="$pack" x-on:keydown.window="press">
    <div class="scene-yard">
        <svg viewBox="0 0 400 170" role="img" x-bind:aria-label="pictureWords" data-words="{{ json_encode([
            'partial' => __('the Sun is partly covered'), 'total' => __('totality'), 'clouded' => __('a cloud before the Sun'),
            'glasses' => __('people with glasses on'), 'bare' => __('people without glasses'), 'helmet' => __('people with a helmet'), 'image' => __('people look at an image'), 'queue' => __('a queue'), 'at_eyepiece' => __('somebody at the eyepiece'), 'away' => __('nobody looks'), 'danger' => __('an eye in danger'),
            'none' => '', 'filter' => __('telescope with a filter'), 'bare_telescope' => __('telescope without a filter'), 'capped' => __('telescope capped'), 'projects' => __('telescope throws an image'),
        ]) }}" x-ref="yard">
            <rect class="yard-sky" width="400" height="130"/><rect class="yard-ground" y="130" width="400" height="40"/>
            <g data-sun="partial"><circle class="path-sun" cx="330" cy="38" r="20"/><circle class="yard-moon" cx="342" cy="32" r="20"/></g>
            <g data-sun="total"><circle class="path-glow" cx="330" cy="38" r="30"/><circle class="path-moon" cx="330" cy="38" r="20"/></g>
            <g data-sun="clouded"><circle class="path-sun" cx="330" cy="38" r="20"/><circle class="yard-moon" cx="342" cy="32" r="20"/><path class="yard-cloud" d="M290 48 q6 -18 24 -12 q10 -18 28 -4 q22 -4 22 16 q-2 14 -18 12 h-44 q-16 -2 -12 -12 z"/></g>
            <g data-telescope="filter"><path class="path-line" d="M120 132 l18 -34 l18 34 M116 104 l52 -30 l8 14 l-52 30 z"/><path class="path-dark-line" d="M166 70 l12 20"/></g>
            <g data-telescope="bare"><path class="path-line" d="M120 132 l18 -34 l18 34 M116 104 l52 -30 l8 14 l-52 30 z"/><path class="yard-beam" d="M172 81 L315 46"/></g>
            <g data-telescope="capped"><path class="path-line" d="M120 132 l18 -34 l18 34 M116 104 l52 -30 l8 14 l-52 30 z"/><path class="path-dark-line" d="M164 68 l16 26"/></g>
            <g data-telescope="projects"><path class="path-line" d="M120 132 l18 -34 l18 34 M116 104 l52 -30 l8 14 l-52 30 z"/><path class="yard-beam" d="M172 81 L315 46 M118 110 L70 124"/><rect class="path-screen" x="52" y="100" width="16" height="32"/></g>
            @foreach ([230, 256, 282] as $x)<g class="yard-person"><circle cx="{{ $x }}" cy="100" r="8"/><path d="M{{ $x }} 108 v22"/></g>@endforeach
            <g data-eyes="glasses">@foreach ([223, 249, 275] as $x)<rect class="path-dark" x="{{ $x }}" y="95" width="14" height="5"/>@endforeach</g>
            <g data-eyes="helmet"><path class="path-dark" d="M220 90 h20 v16 h-20 z"/></g>
            <g data-eyes="image"><ellipse class="yard-image" cx="300" cy="146" rx="16" ry="6"/></g>
            <g data-eyes="at_eyepiece"><circle class="yard-eye" cx="104" cy="106" r="8"/></g>
            <g data-eyes="danger"><path class="yard-danger" d="M256 58 l22 36 h-44 z"/><path class="yard-danger-mark" d="M256 70 v12 M256 86 v4"/></g>
        </svg>
    </div>
    <p class="scene-clock" x-show="isAsking"><span x-text="left"></span> {{ __('s to decide') }}</p>
    <p class="scene-text" aria-live="polite" x-text="text"></p>
    <section class="card-back" x-show="hasRule" x-bind:data-right="rightWord">
        <p class="card-verdict"><b x-text="verdict" data-right="{{ __('Right.') }}" data-wrong="{{ __('Not so.') }}" data-late="{{ __('Too late.') }}" x-ref="verdict"></b></p>
        <p x-text="statement"></p>
        <p class="meaning" x-text="reason"></p>
    </section>
    <div class="exercise-acts is-long" x-show="isAsking">
        <template x-for="option in options" x-bind:key="option.number"><button type="button" class="btn btn-answer" x-bind:data-number="option.number" x-on:click="choose"><kbd x-text="option.key"></kbd> <span x-text="option.words"></span></button></template>
    </div>
    <div class="exercise-acts" x-show="isBefore"><button type="button" class="btn btn-primary" x-on:click="begin">{{ __('Begin: the clock runs') }}</button></div>
    <div class="exercise-acts" x-show="isOver"><button type="button" class="btn btn-primary" x-on:click="again">{{ __('Once more') }}</button></div>
</x-exercise>
