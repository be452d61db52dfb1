<h2 class="mb-1 text-xl">People differ</h2>
<ul class="mb-6 grid max-w-prose gap-2">
	<li>
		<strong>Straight on the bed</strong>, under a cap and after a reading: what this page doses.
	</li>
	<li>
		<strong>Only through the heap:</strong> a light dusting on brown layers, at most 0.4 % of its volume;
		what comes of it counts on every bed it goes on.
	</li>
	<li>
		<strong>Never near compost:</strong> it drives ammonia off, and spoils the compost for acid lovers.
	</li>
	<li>
		<strong>Together with char in one go:</strong> some do, where the char was cured in compost; nitrogen
		is lost, and here it is asked.
	</li>
</ul>
