<h1>Ashdrift</h1>
