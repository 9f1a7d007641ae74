@props(['ticks', 'axis', 'at' => 0, 'label' => null, 'line' => null, 'from' => 0, 'to' => 0, 'unit' => ''])
{{-- The ticks of one axis, for each a line across the drawing and a label: where a class for it is given. --}}
@php $other = $axis === 'x' ? 'y' : 'x'; @endphp
@foreach ($ticks as $tick)
    @if ($line)
        <line class="{{ $line }}" {{ $axis }}1="{{ $tick->at }}{{ $unit }}" {{ $axis }}2="{{ $tick->at }}{{ $unit }}" {{ $other }}1="{{ $from }}" {{ $other }}2="{{ $to }}"/>
    @endif
    @if ($label)
        <text class="{{ $label }}" {{ $axis }}="{{ $tick->at }}{{ $unit }}" {{ $other }}="{{ $at }}" {{ $attributes }}>{{ $tick->label }}</text>
    @endif
@endforeach
