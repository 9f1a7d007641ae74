<div class="day-network">
    <p role="status"><span x-text="network"></span> <b x-text="waits"></b></p>
    <p x-text="keptWords"></p>
    <p x-cloak x-show="awakeWords" x-text="awakeWords"></p>
    <ul>
        <template x-for="each in refused" x-bind:key="each.seq">
            <li>{{ __('Not stored') }}: <span x-text="each.row.text"></span> <span x-text="each.why"></span> <button type="button" class="link-button" x-bind:data-seq="each.seq" x-on:click="dismiss">{{ __('I have seen it') }}</button></li>
        </template>
    </ul>
</div>
