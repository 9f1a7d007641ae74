<details class="pocket-node">
    <summary>{{ $node->words }}</summary>
    @if ($node->answer === null)
        <p><b>{{ $node->question }}</b></p>
        @foreach ($node->choices as $choice)
            @include('rules.pocket-node', ['node' => $choice])
        @endforeach
    @else
        @include('rules.verdict', ['answer' => $node->answer])
    @endif
</details>
